import { dayOf } from '../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { ClinicScreen } from '../../../features/clinic/clinic-screen'
import { ClinicTabs } from '../../../features/clinic/clinic-tabs'
import { clinicView, type Asked } from '../../../features/clinic/queries'

export const metadata: Metadata = { title: 'Clinic' }

export default async function ClinicPage({
  searchParams,
}: {
  searchParams: Promise<Asked & { on?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const asked = await searchParams
  const on = askedDate(state, asked.on)
  return (
    <>
      <ClinicTabs at="/clinic" query={dayOf(state, on).query} />
      <ClinicScreen key={asked.case ?? ''} view={clinicView(state, on, asked)} />
    </>
  )
}
