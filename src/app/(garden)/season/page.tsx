import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { seasonView } from '../../../features/season/queries'
import { SeasonScreen } from '../../../features/season/season-screen'

export const metadata: Metadata = { title: 'Season: dates and odds' }

type Asked = Promise<{ on?: string; season?: string }>

export default async function SeasonPage({ searchParams }: { searchParams: Asked }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <SeasonScreen view={seasonView(day, Number((await searchParams).season))} query={day.query} />
}
