import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { PotsScreen } from '../../../../features/ground/pots-screen'
import { potsView } from '../../../../features/ground/plan-queries'

export const metadata: Metadata = { title: 'Pots and mixes' }

export default async function PotsPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <PotsScreen view={potsView(state, askedDate(state, (await searchParams).on))} />
}
