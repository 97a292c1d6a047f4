import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { invitedBy } from '../../../data/access/people'
import { waitOfAddress } from '../../../data/access/tries'
import { JoinScreen } from '../../../features/sign-in/join-screen'
import { ADDRESS_HEADER } from '../../../guard'
import { deviceKind } from '../../sign-in/device-kind'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Join' }

export default async function JoinPage({ params }: { params: Promise<{ code: string }> }) {
  const [sent, { code }] = await Promise.all([headers(), params])
  const now = new Date()
  const wait = await waitOfAddress(sent.get(ADDRESS_HEADER) ?? '', now)
  // Whoever has to wait learns nothing about a code.
  const invited = wait > 0 ? null : await invitedBy(code, now)
  return <JoinScreen code={code} invited={invited} wait={wait} device={deviceKind(sent)} />
}
