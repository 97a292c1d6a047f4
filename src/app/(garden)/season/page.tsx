import { dayOf } from '../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { seasonView } from '../../../features/season/queries'
import { SeasonScreen } from '../../../features/season/season-screen'

export const metadata: Metadata = { title: 'Season' }

export default async function SeasonPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return <SeasonScreen view={seasonView(state, on)} query={dayOf(state, on).query} />
}
