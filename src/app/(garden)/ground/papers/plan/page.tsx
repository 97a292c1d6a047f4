import type { Metadata } from 'next'
import { currentDay } from '../../../../../data/request'
import { paperOf, planPaper } from '../../../../../features/ground/papers/paper-queries'
import { PlanSheet } from '../../../../../features/ground/papers/print-screens'

export const metadata: Metadata = { title: 'The plan, to scale' }

export default async function PlanPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { paper } = await searchParams
  return <PlanSheet sheet={planPaper(day)} paper={paperOf(paper)} />
}
