import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { BasketTabs } from '../../../../features/basket/basket-tabs'
import { nextView } from '../../../../features/basket/next-queries'
import { NextScreen } from '../../../../features/basket/next-screen'

export const metadata: Metadata = { title: 'Next season' }

export default async function NextPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return (
    <>
      <BasketTabs at="/basket/next" query={dayOf(state, on).query} />
      <NextScreen view={nextView(state, on)} />
    </>
  )
}
