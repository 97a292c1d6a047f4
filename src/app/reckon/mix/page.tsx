import type { Metadata } from 'next'
import { mixWithoutGarden } from '../../../features/bench/mix/queries'
import { MixScreen } from '../../../features/bench/mix/screen'

export const metadata: Metadata = { title: 'Mix' }

export default async function MixAlonePage({ searchParams }: { searchParams: Promise<{ units?: string }> }) {
  const view = mixWithoutGarden((await searchParams).units)
  return <MixScreen key={view.manner.units} view={view} hasGarden={false} />
}
