import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { askedDate, currentState } from '../../../../data/request'
import { placeView } from '../../../../features/ground/place-queries'
import { PlaceScreen } from '../../../../features/ground/place-screen'

export const metadata: Metadata = { title: 'Ground, a place' }

export default async function PlacePage({
  params,
  searchParams,
}: {
  params: Promise<{ place: string }>
  searchParams: Promise<{ on?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const view = placeView(state, (await params).place, askedDate(state, (await searchParams).on))
  return view ? <PlaceScreen view={view} /> : notFound()
}
