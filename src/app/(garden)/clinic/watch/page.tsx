import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'
import { WatchScreen } from '../../../../features/clinic/watch-screen'
import { watchView } from '../../../../features/clinic/watch-queries'

export const metadata: Metadata = { title: 'Looking over' }

export default async function WatchPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return (
    <>
      <ClinicTabs at="/clinic/watch" query={dayOf(state, on).query} />
      <WatchScreen view={watchView(state, on)} />
    </>
  )
}
