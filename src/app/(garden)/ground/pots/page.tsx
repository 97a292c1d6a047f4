import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { PotsScreen } from '../../../../features/ground/pots/screen'
import { potsView } from '../../../../features/ground/place/plan-queries'

export const metadata: Metadata = { title: 'Pots and mixes' }

export default async function PotsPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <PotsScreen view={potsView(day)} />
}
