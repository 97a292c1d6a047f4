import type { Metadata } from 'next'
import { AnyWater } from '../../../features/bench/water/any-water'
import { mixWithoutGarden } from '../../../features/bench/mix/queries'

export const metadata: Metadata = { title: 'Water' }

export default async function WaterAlonePage({
  searchParams,
}: {
  searchParams: Promise<{ units?: string }>
}) {
  const view = mixWithoutGarden((await searchParams).units)
  return (
    <div className="px-6 py-4 max-sm:px-4">
      <AnyWater alone key={view.manner.units} manner={view.manner} />
    </div>
  )
}
