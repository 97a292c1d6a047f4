import type { Metadata } from 'next'
import { currentState } from '../../../data/request'
import { filterOf, misreadDays } from '../../../features/logbook/filter'
import { LogbookScreen } from '../../../features/logbook/logbook-screen'
import { logbookView } from '../../../features/logbook/queries'

export const metadata: Metadata = { title: 'Logbook: everything you did' }

export default async function LogbookPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}) {
  const [state, asked] = [await currentState(), await searchParams]
  if (!state) return null
  const view = logbookView(state, filterOf(asked, state), Number(asked.page) || 1)
  return <LogbookScreen view={view} misread={misreadDays(asked, state)} />
}
