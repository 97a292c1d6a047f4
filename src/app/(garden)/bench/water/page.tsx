import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { waterView } from '../../../../features/bench/water/queries'
import { WaterScreen } from '../../../../features/bench/water/screen'

export const metadata: Metadata = { title: 'Bench: water' }

export default async function WaterPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  return day && <WaterScreen view={waterView(day)} />
}
