import type { Metadata } from 'next'
import { currentDay } from '../../../data/request'
import { BasketScreen } from '../../../features/basket/basket-screen'
import { BasketTabs } from '../../../features/basket/basket-tabs'
import { basketView } from '../../../features/basket/queries'

export const metadata: Metadata = { title: 'Basket: harvest' }

export default async function BasketPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return (
    <>
      <BasketTabs at="/basket" query={day.query} />
      <BasketScreen view={basketView(day)} />
    </>
  )
}
