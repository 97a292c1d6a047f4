import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { askedDate, currentState } from '../../../../data/request'
import { PlantScreen } from '../../../../features/plant/plant-screen'
import { plantViewOf } from '../../../../features/plant/queries'

export const metadata: Metadata = { title: 'Plant' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function PlantPage({ params, searchParams }: Props) {
  const state = await currentState()
  if (!state) return null
  const view = plantViewOf(state, (await params).id, askedDate(state, (await searchParams).on))
  if (!view) notFound()
  return <PlantScreen key={view.id} view={view} />
}
