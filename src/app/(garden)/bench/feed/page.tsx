import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { feedView } from '../../../../features/bench/feed-queries'
import { FeedScreen } from '../../../../features/bench/feed-screen'

export const metadata: Metadata = { title: 'Feed' }

interface Props {
  searchParams: Promise<{ on?: string; place?: string }>
}

export default async function FeedPage({ searchParams }: Props) {
  const state = await currentState()
  const { on, place } = await searchParams
  return state && <FeedScreen view={feedView(state, askedDate(state, on), place)} />
}
