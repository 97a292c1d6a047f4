import type { Metadata } from 'next'
import { people } from '../../../../data/access/people'
import { currentDay } from '../../../../data/request'
import { orderViewOf } from '../../../../features/walk/order/queries'
import { OrderScreen } from '../../../../features/walk/order/screen'

export const metadata: Metadata = { title: 'Order of the places' }

export default async function OrderPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const names = (await people(new Date())).map(({ name }) => name)
  return <OrderScreen view={orderViewOf(day, names)} />
}
