import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../data/request'
import { titleOf } from '../../../../data/titles'
import { placeView } from '../../../../features/ground/place/queries'
import { PlaceScreen } from '../../../../features/ground/place/screen'

export async function generateMetadata({
  params,
}: {
  params: Promise<{ place: string }>
}): Promise<Metadata> {
  return titleOf('place', (await params).place, 'Ground')
}

export default async function PlacePage({
  params,
  searchParams,
}: {
  params: Promise<{ place: string }>
  searchParams: Promise<{ on?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = placeView(day, (await params).place)
  return view ? <PlaceScreen view={view} /> : notFound()
}
