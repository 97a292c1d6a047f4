import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { PaperSheet } from '../../../../features/walk/paper-sheet'
import { roundOf } from '../../../../features/walk/queries'

export const metadata: Metadata = { title: 'The round on paper' }

export default async function SheetPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const { on, paper } = await searchParams
  return (
    <PaperSheet round={roundOf(state, askedDate(state, on))} paper={paper === 'letter' ? 'letter' : 'a4'} />
  )
}
