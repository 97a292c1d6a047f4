import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { waterView } from '../../../../features/bench/water-queries'
import { WaterScreen } from '../../../../features/bench/water-screen'

export const metadata: Metadata = { title: 'Water' }

export default async function WaterPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  return state && <WaterScreen view={waterView(state, askedDate(state, (await searchParams).on))} />
}
