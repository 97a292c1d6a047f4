import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../data/request'
import { titleOf } from '../../../../data/titles'
import { PlantScreen } from '../../../../features/plant/plant-screen'
import { plantViewOf } from '../../../../features/plant/queries'

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return titleOf('plant', (await params).id, 'Plant')
}

export default async function PlantPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = plantViewOf(day, (await params).id)
  if (!view) notFound()
  return <PlantScreen key={view.id} view={view} />
}
