import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { BasketTabs } from '../../../../features/basket/basket-tabs'
import { reviewView } from '../../../../features/basket/review-queries'
import { ReviewScreen } from '../../../../features/basket/review-screen'

export const metadata: Metadata = { title: 'Seasons' }

export default async function ReviewPage({
  searchParams,
}: {
  searchParams: Promise<{ on?: string; season?: string }>
}) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const asked = await searchParams
  return (
    <>
      <BasketTabs at="/basket/review" query={day.query} />
      <ReviewScreen view={reviewView(day, asked.season)} />
    </>
  )
}
