import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { AlmanacPage } from '../../../../features/almanac/almanac-page'

export const metadata: Metadata = { title: 'How right the forecasts were' }

export default async function Page({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  return day && <AlmanacPage tab="score" day={day} />
}
