import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { GardenScreen } from '../../../features/garden/garden-screen'
import { gardenView } from '../../../features/garden/queries'

export const metadata: Metadata = { title: 'Garden' }

export default async function GardenPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <GardenScreen view={gardenView(state, askedDate(state, (await searchParams).on))} />
}
