import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { currentDay } from '../../../../data/request'
import { DevicesScreen } from '../../../../features/garden/devices/devices-screen'
import { devicesView } from '../../../../features/garden/devices/queries'
import { DEVICE_HEADER } from '../../../../guard'
import { isLoopback } from '../../../../hosts'

export const metadata: Metadata = { title: 'Devices' }

export default async function DevicesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const sent = await headers()
  const host = sent.get('host')
  const protocol = sent.get('x-forwarded-proto') ?? 'http'
  // A name of this machine alone leads no phone here, unless a web server in front has it.
  const asked = host === null || (isLoopback(host) && protocol === 'http') ? null : `${protocol}://${host}`
  const view = await devicesView(day, { here: sent.get(DEVICE_HEADER), asked })
  return <DevicesScreen view={view} query={day.query} />
}
