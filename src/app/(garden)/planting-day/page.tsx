import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { dayPlanOf } from '../../../features/plantings/day-plan'
import { DayPlanScreen } from '../../../features/plantings/day-plan-screen'

export const metadata: Metadata = { title: 'Planting day' }

export default async function PlantingDayPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  return <DayPlanScreen plan={dayPlanOf(state, askedDate(state, (await searchParams).on))} />
}
