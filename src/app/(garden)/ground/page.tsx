import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { GroundScreen } from '../../../features/ground/ground-screen'
import { groundView } from '../../../features/ground/queries'

export const metadata: Metadata = { title: 'Ground' }

export default async function GroundPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <GroundScreen view={groundView(state, askedDate(state, (await searchParams).on))} list={false} />
}
