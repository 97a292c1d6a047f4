import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { roundOf } from '../../../features/walk/queries'
import { RoundScreen } from '../../../features/walk/round-screen'

export const metadata: Metadata = { title: 'Walk' }

export default async function WalkPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <RoundScreen round={roundOf(state, askedDate(state, (await searchParams).on))} />
}
