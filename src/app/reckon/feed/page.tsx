import type { Metadata } from 'next'
import { FeedByHand } from '../../../features/bench/feed/shown-later'
import { mixWithoutGarden } from '../../../features/bench/mix/queries'

export const metadata: Metadata = { title: 'Feed' }

export default async function FeedAlonePage({ searchParams }: { searchParams: Promise<{ units?: string }> }) {
  const view = mixWithoutGarden((await searchParams).units)
  return (
    <div className="px-6 py-4 max-sm:px-4">
      <FeedByHand key={view.manner.units} manner={view.manner} />
    </div>
  )
}
