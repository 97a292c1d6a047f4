import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { shedView } from '../../../features/shed/queries'
import { MOST_YEARS } from '../../../features/shed/most-years'
import { ShedScreen } from '../../../features/shed/shed-screen'

export const metadata: Metadata = { title: 'Shed' }

export default async function ShedPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; years?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const { on, years } = await searchParams
  const asked = Number(years)
  const count = Number.isInteger(asked) && asked >= 1 && asked <= MOST_YEARS ? asked : undefined
  return <ShedScreen view={shedView(state, askedDate(state, on), count)} />
}
