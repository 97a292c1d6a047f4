import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { GardenScreen } from '../../../features/garden/garden-screen'
import { gardenView } from '../../../features/garden/queries'

export const metadata: Metadata = { title: 'Garden' }

export default async function GardenSitePage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <GardenScreen view={gardenView(day)} query={day.query} />
}
