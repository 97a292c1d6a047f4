import type { Metadata } from 'next'
import Link from 'next/link'
import { redirect } from 'next/navigation'
import { currentState } from '../../data/request'
import { MixScreen } from '../../features/bench/mix-screen'
import { mixWithoutGarden } from '../../features/bench/mix-queries'

export const metadata: Metadata = { title: 'Mix' }
export const dynamic = 'force-dynamic'

/** The mixes for whoever has no garden here yet. */
export default async function MixAlonePage() {
  if (await currentState()) redirect('/bench/mix')
  return (
    <main className="mx-auto max-w-6xl">
      <p className="px-6 pt-4 max-sm:px-4">
        <Link className="link" href="/">
          Begin a garden
        </Link>{' '}
        to send a mix to a bed and see what it does there.
      </p>
      <MixScreen view={mixWithoutGarden()} />
    </main>
  )
}
