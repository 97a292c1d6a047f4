import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { currentDay } from '../../../../../data/request'
import { paperOf, plantLabels } from '../../../../../features/ground/papers/paper-queries'
import { LabelSheets } from '../../../../../features/ground/papers/print-screens'

export const metadata: Metadata = { title: 'Plant labels' }

export default async function LabelsPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; paper?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { paper } = await searchParams
  const asked = await headers()
  const origin = `${asked.get('x-forwarded-proto') ?? 'http'}://${asked.get('host') ?? 'localhost'}`
  return <LabelSheets labels={plantLabels(day, origin)} paper={paperOf(paper)} />
}
