import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { currentDay } from '../../../../data/request'
import { DevicesScreen, ForKeepers } from '../../../../features/garden/devices/devices-screen'
import { devicesView } from '../../../../features/garden/devices/queries'
import { reachedAt } from '../../../../features/garden/devices/reached-at'
import { actorOf, DEVICE_HEADER } from '../../../../guard'

export const metadata: Metadata = { title: 'People and devices' }

export default async function DevicesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const sent = await headers()
  const { name, role } = actorOf(sent)
  if (role === 'helper') return <ForKeepers name={name ?? ''} query={day.query} />
  const view = await devicesView(day, { here: sent.get(DEVICE_HEADER), reached: reachedAt(sent) })
  return <DevicesScreen view={view} query={day.query} />
}
