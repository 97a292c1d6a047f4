import { redirect } from 'next/navigation'
import type { ReactNode } from 'react'
import { DatabaseProblem } from '../../data/problem'
import { gardenOfRequest } from '../../data/request'
import { Frame } from '../../features/frame/frame'
import { ProblemScreen } from '../../features/frame/problem-screen'

export const dynamic = 'force-dynamic'

export default async function GardenLayout({ children }: { children: ReactNode }) {
  const state = await gardenOfRequest()
  if (state instanceof DatabaseProblem) return <ProblemScreen kind={state.kind} />
  if (state === null) redirect('/')
  return <Frame state={state}>{children}</Frame>
}
