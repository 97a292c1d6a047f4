import type { Metadata } from 'next'
import { AlmanacPage } from '../../../features/almanac/almanac-page'

export const metadata: Metadata = { title: 'Almanac' }

export default async function Page({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  return <AlmanacPage tab="ways" asked={(await searchParams).on} />
}
