import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { trialsView } from '../../../features/trials/queries'
import { TrialsScreen } from '../../../features/trials/trials-screen'

export const metadata: Metadata = { title: 'Trials: which way is better here' }

type Asked = Promise<Record<string, string | string[] | undefined>>

export default async function TrialsPage({ searchParams }: { searchParams: Asked }) {
  const day = await currentDay(searchParams)
  return day && <TrialsScreen view={trialsView(day, await searchParams)} />
}
