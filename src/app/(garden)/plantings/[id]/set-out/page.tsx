import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../../data/request'
import { plantingDayOf } from '../../../../../features/plantings/planting-day/queries'
import { PlantingDayScreen } from '../../../../../features/plantings/planting-day/screen'

export const metadata: Metadata = { title: 'Planting day' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function SetOutPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = plantingDayOf(day, (await params).id)
  if (!view) notFound()
  return <PlantingDayScreen day={view} />
}
