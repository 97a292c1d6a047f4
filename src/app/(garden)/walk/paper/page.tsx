import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { PaperEntry } from '../../../../features/walk/paper-entry'
import { roundOf } from '../../../../features/walk/queries'

export const metadata: Metadata = { title: 'Enter from paper' }

export default async function PaperPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <PaperEntry round={roundOf(day)} />
}
