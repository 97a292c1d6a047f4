import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { currentDay } from '../../../../../data/request'
import { supportViewOf } from '../../../../../features/plantings/support/queries'
import { SupportScreen } from '../../../../../features/plantings/support/screen'

export const metadata: Metadata = { title: 'Support' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function SupportPage({ params, searchParams }: Props) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const view = supportViewOf(day, (await params).id)
  if (!view) notFound()
  return <SupportScreen view={view} />
}
