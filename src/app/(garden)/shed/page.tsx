import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { shedView } from '../../../features/shed/queries'
import { MOST_YEARS } from '../../../features/shed/most-years'
import { ShedScreen } from '../../../features/shed/shed-screen'

export const metadata: Metadata = { title: 'Shed: supplies and costs' }

export default async function ShedPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; years?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { years } = await searchParams
  const asked = Number(years)
  const count = Number.isInteger(asked) && asked >= 1 && asked <= MOST_YEARS ? asked : undefined
  return <ShedScreen view={shedView(day, count)} />
}
