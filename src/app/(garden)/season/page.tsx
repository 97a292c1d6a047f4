import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { seasonView } from '../../../features/season/queries'
import { SeasonScreen } from '../../../features/season/season-screen'

export const metadata: Metadata = { title: 'Season' }

export default async function SeasonPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <SeasonScreen view={seasonView(day)} query={day.query} />
}
