import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { CAUSE_IDS } from '../../../../core/health'
import { mannerOf } from '../../../../data/gardens'
import { askedDate, currentState } from '../../../../data/request'
import { CausesScreen } from '../../../../features/clinic/causes-screen'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'

export const metadata: Metadata = { title: 'All causes' }

export default async function CausesPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; crop?: string; cause?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const asked = await searchParams
  const on = askedDate(state, asked.on)
  const query = dayOf(state, on).query
  return (
    <>
      <ClinicTabs at="/clinic/causes" query={query} />
      <CausesScreen
        key={`${asked.crop} ${asked.cause}`}
        crop={asked.crop === 'pepper' ? 'pepper' : 'tomato'}
        query={query}
        manner={mannerOf(state.garden)}
        first={CAUSE_IDS.find((cause) => cause === asked.cause) ?? null}
      />
    </>
  )
}
