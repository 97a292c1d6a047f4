import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { roundOf } from '../../../features/walk/queries'
import { RoundScreen } from '../../../features/walk/round-screen'

export const metadata: Metadata = { title: 'Walk: today’s round' }

export default async function WalkPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <RoundScreen round={roundOf(day)} />
}
