import { redirect } from 'next/navigation'
import { DatabaseProblem } from '../data/problem'
import { gardenOfRequest } from '../data/request'
import { BeginPage } from '../features/begin/page'
import { ProblemScreen } from '../features/frame/problem-screen'

export const dynamic = 'force-dynamic'

export default async function Home() {
  const state = await gardenOfRequest()
  if (state instanceof DatabaseProblem) return <ProblemScreen kind={state.kind} />
  if (state !== null) redirect('/walk')
  return <BeginPage />
}
