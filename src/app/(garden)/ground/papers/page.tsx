import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { PapersScreen } from '../../../../features/ground/papers/screen'

export const metadata: Metadata = { title: 'Print and files' }

export default async function PapersPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { latitude, longitude } = day.state.garden
  return (
    <PapersScreen
      query={day.query}
      manner={day.manner}
      site={{ latitude, longitude }}
      live={day.on === day.now}
    />
  )
}
