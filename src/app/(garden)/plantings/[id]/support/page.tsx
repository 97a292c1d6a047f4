import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../../data/request'
import { titleOf } from '../../../../../data/titles'
import { supportViewOf } from '../../../../../features/plantings/support/queries'
import { SupportScreen } from '../../../../../features/plantings/support/screen'

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return titleOf('planting', (await params).id, 'Support', 'Support: ')
}

export default async function SupportPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = supportViewOf(day, (await params).id)
  if (!view) notFound()
  return <SupportScreen view={view} />
}
