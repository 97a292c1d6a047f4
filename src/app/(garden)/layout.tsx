import { redirect } from 'next/navigation'
import type { ReactNode } from 'react'
import { DatabaseProblem } from '../../data/problem'
import { gardenOfRequest } from '../../data/request'
import { Frame } from '../../features/frame/frame'
import { HereOrThere, PocketGate } from '../../pocket/gate'
import { ProblemScreen } from '../../features/frame/problem-screen'

export const dynamic = 'force-dynamic'

export default async function GardenLayout({ children }: { children: ReactNode }) {
  const state = await gardenOfRequest()
  if (state instanceof DatabaseProblem) return <ProblemScreen kind={state.kind} />
  if (state === null) redirect('/')
  return (
    <PocketGate garden={state.garden.id} changes={state.changes}>
      <Frame state={state}>
        <HereOrThere>{children}</HereOrThere>
      </Frame>
    </PocketGate>
  )
}
