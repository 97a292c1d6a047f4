import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { askedDate, currentState } from '../../../../../data/request'
import { plantingDayOf } from '../../../../../features/plantings/planting-day'
import { PlantingDayScreen } from '../../../../../features/plantings/planting-day-screen'

export const metadata: Metadata = { title: 'Planting day' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function SetOutPage({ params, searchParams }: Props) {
  const state = await currentState()
  if (!state) return null
  const day = plantingDayOf(state, (await params).id, askedDate(state, (await searchParams).on))
  if (!day) notFound()
  return <PlantingDayScreen day={day} />
}
