import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { askedDate, currentState } from '../../../../data/request'
import { PlantingScreen } from '../../../../features/plantings/planting-screen'
import { plantingView } from '../../../../features/plantings/queries'

export const metadata: Metadata = { title: 'Planting' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function PlantingPage({ params, searchParams }: Props) {
  const state = await currentState()
  if (!state) return null
  const view = plantingView(state, (await params).id, askedDate(state, (await searchParams).on))
  if (!view) notFound()
  return <PlantingScreen view={view} />
}
