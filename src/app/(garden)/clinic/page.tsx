import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { ClinicScreen } from '../../../features/clinic/clinic-screen'
import { ClinicTabs } from '../../../features/clinic/clinic-tabs'
import { clinicView, type Asked } from '../../../features/clinic/queries'

export const metadata: Metadata = { title: 'Clinic: what’s wrong?' }

export default async function ClinicPage({
  searchParams,
}: {
  searchParams: Promise<Asked & { on?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const asked = await searchParams
  return (
    <>
      <ClinicTabs at="/clinic" query={day.query} />
      <ClinicScreen key={asked.case ?? ''} view={clinicView(day, asked)} />
    </>
  )
}
