import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'
import { CasesScreen } from '../../../../features/clinic/cases-screen'
import { casesView } from '../../../../features/clinic/case-queries'

export const metadata: Metadata = { title: 'Cases' }

export default async function CasesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return (
    <>
      <ClinicTabs at="/clinic/cases" query={day.query} />
      <CasesScreen view={casesView(day)} />
    </>
  )
}
