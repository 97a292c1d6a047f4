import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { PaperEntry } from '../../../../features/walk/paper-entry'
import { roundOf } from '../../../../features/walk/queries'

export const metadata: Metadata = { title: 'Enter from paper' }

export default async function PaperPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <PaperEntry round={roundOf(state, askedDate(state, (await searchParams).on))} />
}
