import { dayOf } from '../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../data/request'
import { BasketScreen } from '../../../features/basket/basket-screen'
import { BasketTabs } from '../../../features/basket/basket-tabs'
import { basketView } from '../../../features/basket/queries'

export const metadata: Metadata = { title: 'Basket' }

export default async function BasketPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return (
    <>
      <BasketTabs at="/basket" query={dayOf(state, on).query} />
      <BasketScreen view={basketView(state, on)} />
    </>
  )
}
