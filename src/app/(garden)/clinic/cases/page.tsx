import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'
import { CasesScreen } from '../../../../features/clinic/cases-screen'
import { casesView } from '../../../../features/clinic/case-queries'

export const metadata: Metadata = { title: 'Cases' }

export default async function CasesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return (
    <>
      <ClinicTabs at="/clinic/cases" query={dayOf(state, on).query} />
      <CasesScreen view={casesView(state, on)} />
    </>
  )
}
