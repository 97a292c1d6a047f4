import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { mixView } from '../../../../features/bench/mix-queries'
import { MixScreen } from '../../../../features/bench/mix-screen'

export const metadata: Metadata = { title: 'Mix' }

export default async function MixPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  return state && <MixScreen view={mixView(state, askedDate(state, (await searchParams).on))} />
}
