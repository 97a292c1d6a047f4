import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { PaperSheet } from '../../../../features/walk/paper-sheet'
import { roundOf } from '../../../../features/walk/queries'

export const metadata: Metadata = { title: 'Today’s round on paper' }

export default async function SheetPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { paper } = await searchParams
  return <PaperSheet round={roundOf(day)} paper={paper === 'letter' ? 'letter' : 'a4'} />
}
