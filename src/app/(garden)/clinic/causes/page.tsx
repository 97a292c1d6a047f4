import type { Metadata } from 'next'
import { CAUSE_IDS } from '../../../../core/health'
import { currentDay } from '../../../../data/request'
import { CausesScreen } from '../../../../features/clinic/causes-screen'
import { ClinicTabs } from '../../../../features/clinic/clinic-tabs'

export const metadata: Metadata = { title: 'All causes' }

export default async function CausesPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; crop?: string; cause?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const asked = await searchParams
  const query = day.query
  return (
    <>
      <ClinicTabs at="/clinic/causes" query={query} />
      <CausesScreen
        key={`${asked.crop} ${asked.cause}`}
        crop={asked.crop === 'pepper' ? 'pepper' : 'tomato'}
        query={query}
        manner={day.manner}
        first={CAUSE_IDS.find((cause) => cause === asked.cause) ?? null}
      />
    </>
  )
}
