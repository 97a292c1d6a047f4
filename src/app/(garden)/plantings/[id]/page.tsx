import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../data/request'
import { titleOf } from '../../../../data/titles'
import { PlantingScreen } from '../../../../features/plantings/planting/screen'
import { plantingView } from '../../../../features/plantings/queries'

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string; made?: string }>
}

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return titleOf('planting', (await params).id, 'Planting')
}

export default async function PlantingPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = plantingView(day, (await params).id)
  if (!view) notFound()
  const made = Number((await searchParams).made)
  return <PlantingScreen view={view} made={Number.isInteger(made) && made > 0 ? made : 0} />
}
