import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { HowManyScreen } from '../../../../features/ground/how-many/screen'
import { howManyView } from '../../../../features/ground/place/plan-queries'

export const metadata: Metadata = { title: 'How many plants' }

export default async function HowManyPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <HowManyScreen view={howManyView(day)} />
}
