import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { HowManyScreen } from '../../../../features/ground/how-many-screen'
import { howManyView } from '../../../../features/ground/plan-queries'

export const metadata: Metadata = { title: 'How many plants' }

export default async function HowManyPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <HowManyScreen view={howManyView(state, askedDate(state, (await searchParams).on))} />
}
