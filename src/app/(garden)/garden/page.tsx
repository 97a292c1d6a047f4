import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { GardenScreen } from '../../../features/garden/garden-screen'
import { climateOfferOf } from '../../../features/garden/site/climate-offer'
import { gardenView } from '../../../features/garden/queries'

export const metadata: Metadata = { title: 'Garden: place, weather, settings' }

export default async function GardenSitePage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const offer = await climateOfferOf(day.state, day.manner)
  return <GardenScreen view={gardenView(day)} query={day.query} offer={offer} />
}
