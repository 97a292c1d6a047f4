import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { BuyingSheet } from '../../../../features/shed/buying-sheet'
import { shedView } from '../../../../features/shed/queries'

export const metadata: Metadata = { title: 'Buying list' }

export default async function BuyingPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { paper } = await searchParams
  return <BuyingSheet view={shedView(day)} paper={paper === 'letter' ? 'letter' : 'a4'} />
}
