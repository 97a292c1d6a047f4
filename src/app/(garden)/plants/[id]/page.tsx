import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../data/request'
import { PlantScreen } from '../../../../features/plant/plant-screen'
import { plantViewOf } from '../../../../features/plant/queries'

export const metadata: Metadata = { title: 'Plant' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function PlantPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = plantViewOf(day, (await params).id)
  if (!view) notFound()
  return <PlantScreen key={view.id} view={view} />
}
