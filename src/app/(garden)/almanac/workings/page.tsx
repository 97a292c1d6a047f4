import type { Metadata } from 'next'
import { AlmanacPage } from '../../../../features/almanac/almanac-page'

export const metadata: Metadata = { title: 'How it is worked out' }

export default async function Page({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  return <AlmanacPage tab="workings" asked={(await searchParams).on} />
}
