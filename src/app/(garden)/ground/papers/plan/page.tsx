import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../../data/request'
import { paperOf, planPaper } from '../../../../../features/ground/paper-queries'
import { PlanSheet } from '../../../../../features/ground/print-screens'

export const metadata: Metadata = { title: 'The plan, to scale' }

export default async function PlanPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const { on, paper } = await searchParams
  return <PlanSheet sheet={planPaper(state, askedDate(state, on))} paper={paperOf(paper)} />
}
