import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { dayPlanOf } from '../../../features/plantings/day-plan/queries'
import { DayPlanScreen } from '../../../features/plantings/day-plan/screen'

export const metadata: Metadata = { title: 'Planting day' }

export default async function PlantingDayPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <DayPlanScreen plan={dayPlanOf(day)} />
}
