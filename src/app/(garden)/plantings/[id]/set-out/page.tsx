import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../../data/request'
import { titleOf } from '../../../../../data/titles'
import { plantingDayOf } from '../../../../../features/plantings/planting-day/queries'
import { PlantingDayScreen } from '../../../../../features/plantings/planting-day/screen'

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return titleOf('planting', (await params).id, 'Planting day', 'Planting day: ')
}

export default async function SetOutPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = plantingDayOf(day, (await params).id)
  if (!view) notFound()
  return <PlantingDayScreen day={view} />
}
