import { dayOf } from '../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { GardenScreen } from '../../../features/garden/garden-screen'
import { gardenView } from '../../../features/garden/queries'

export const metadata: Metadata = { title: 'Garden' }

export default async function GardenSitePage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return <GardenScreen view={gardenView(state, on)} query={dayOf(state, on).query} />
}
