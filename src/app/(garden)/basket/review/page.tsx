import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { BasketTabs } from '../../../../features/basket/basket-tabs'
import { reviewView } from '../../../../features/basket/review-queries'
import { ReviewScreen } from '../../../../features/basket/review-screen'

export const metadata: Metadata = { title: 'Seasons' }

export default async function ReviewPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; season?: string }>
}) {
  const state = await currentState()
  if (!state) return null
  const asked = await searchParams
  const on = askedDate(state, asked.on)
  return (
    <>
      <BasketTabs at="/basket/review" query={dayOf(state, on).query} />
      <ReviewScreen view={reviewView(state, on, asked.season)} />
    </>
  )
}
