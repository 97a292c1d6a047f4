import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { mixView } from '../../../../features/bench/mix/queries'
import { MixScreen } from '../../../../features/bench/mix/screen'

export const metadata: Metadata = { title: 'Bench: mixes' }

export default async function MixPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  return day && <MixScreen view={mixView(day)} />
}
