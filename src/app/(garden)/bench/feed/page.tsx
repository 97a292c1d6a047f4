import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { feedView } from '../../../../features/bench/feed/queries'
import { FeedScreen } from '../../../../features/bench/feed/screen'

export const metadata: Metadata = { title: 'Bench: feed' }

interface Props {
  searchParams: Promise<{ on?: string; place?: string }>
}

export default async function FeedPage({ searchParams }: Props) {
  const day = await currentDay(searchParams)
  const { place } = await searchParams
  return day && <FeedScreen view={feedView(day, place)} />
}
