import type { Metadata } from 'next'
import { AlmanacPage } from '../../../../features/almanac/almanac-page'

export const metadata: Metadata = { title: 'Words and cautions' }

export default async function Page({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  return <AlmanacPage tab="words" asked={(await searchParams).on} />
}
