import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { BasketTabs } from '../../../../features/basket/basket-tabs'
import { nextView } from '../../../../features/basket/next-queries'
import { NextScreen } from '../../../../features/basket/next-screen'

export const metadata: Metadata = { title: 'Next season' }

export default async function NextPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return (
    <>
      <BasketTabs at="/basket/next" query={day.query} />
      <NextScreen view={nextView(day)} />
    </>
  )
}
