import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { redirect } from 'next/navigation'
import { waitOfAddress } from '../../data/access/tries'
import { hasPassphrase } from '../../data/access/lock'
import { SignInScreen } from '../../features/sign-in/sign-in-screen'
import { ADDRESS_HEADER, DEVICE_HEADER } from '../../guard'
import { deviceKind } from './device-kind'
import { wayOnward } from './onward'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Sign in' }

export default async function SignInPage({
  searchParams,
}: {
  searchParams: Promise<{ next?: string | string[]; why?: string }>
}) {
  const [sent, { next, why }] = await Promise.all([headers(), searchParams])
  const onward = wayOnward(next)
  if (sent.has(DEVICE_HEADER) || !(await hasPassphrase())) redirect(onward)
  return (
    <SignInScreen
      next={onward}
      wasWrong={why === 'wrong'}
      wait={await waitOfAddress(sent.get(ADDRESS_HEADER) ?? '', new Date())}
      device={deviceKind(sent)}
    />
  )
}
