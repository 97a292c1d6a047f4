import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { GardenPage } from '../../../../features/garden/garden-tabs'
import { GardenList } from '../../../../features/garden/gardens/gardens-screen'
import { gardenLines } from '../../../../features/garden/gardens/queries'

export const metadata: Metadata = { title: 'Gardens' }

export default async function GardensPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const gardens = await gardenLines()
  return (
    <GardenPage
      at="/garden/gardens"
      title={gardens.length === 1 ? 'One garden' : `${gardens.length} gardens`}
      deciding="Each garden has its own place, climate, plantings and log. What you enter goes into the one that is open."
      query={day.query}
    >
      <GardenList gardens={gardens} />
    </GardenPage>
  )
}
