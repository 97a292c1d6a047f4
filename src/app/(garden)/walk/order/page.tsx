import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { orderViewOf } from '../../../../features/walk/order/queries'
import { OrderScreen } from '../../../../features/walk/order/screen'

export const metadata: Metadata = { title: 'Order of the places' }

export default async function OrderPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return <OrderScreen view={orderViewOf(day)} />
}
