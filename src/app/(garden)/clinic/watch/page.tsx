import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'
import { WatchScreen } from '../../../../features/clinic/watch-screen'
import { watchView } from '../../../../features/clinic/watch-queries'

export const metadata: Metadata = { title: 'Looking over' }

export default async function WatchPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return (
    <>
      <ClinicTabs at="/clinic/watch" query={day.query} />
      <WatchScreen view={watchView(day)} />
    </>
  )
}
