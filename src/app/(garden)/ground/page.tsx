import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { GroundScreen } from '../../../features/ground/plan/screen'
import { groundView } from '../../../features/ground/queries'

export const metadata: Metadata = { title: 'Ground: beds, pots and plan' }

export default async function GroundPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <GroundScreen view={groundView(day)} list={false} />
}
