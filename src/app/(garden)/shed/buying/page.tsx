import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { BuyingSheet } from '../../../../features/shed/buying-sheet'
import { shedView } from '../../../../features/shed/queries'

export const metadata: Metadata = { title: 'Buying list' }

export default async function BuyingPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const { on, paper } = await searchParams
  return (
    <BuyingSheet view={shedView(state, askedDate(state, on))} paper={paper === 'letter' ? 'letter' : 'a4'} />
  )
}
