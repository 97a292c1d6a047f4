import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { askedDate, currentState } from '../../../../../data/request'
import { supportViewOf } from '../../../../../features/plantings/support-view'
import { SupportScreen } from '../../../../../features/plantings/support-screen'

export const metadata: Metadata = { title: 'Support' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ on?: string }>
}

export default async function SupportPage({ params, searchParams }: Props) {
  const state = await currentState()
  if (!state) return null
  const view = supportViewOf(state, (await params).id, askedDate(state, (await searchParams).on))
  if (!view) notFound()
  return <SupportScreen view={view} />
}
