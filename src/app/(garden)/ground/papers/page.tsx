import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { mannerOf } from '../../../../data/gardens'
import { askedDate, currentState } from '../../../../data/request'
import { PapersScreen } from '../../../../features/ground/papers-screen'

export const metadata: Metadata = { title: 'Print and files' }

export default async function PapersPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  const { latitude, longitude } = state.garden
  return (
    <PapersScreen
      query={dayOf(state, on).query}
      manner={mannerOf(state.garden)}
      site={{ latitude, longitude }}
      live={on === state.now}
    />
  )
}
