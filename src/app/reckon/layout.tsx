import { Link } from '../../components/link'
import { redirect } from 'next/navigation'
import type { ReactNode } from 'react'
import { currentState } from '../../data/request'
import { BenchTabs } from '../../features/bench/bench-tabs'

export const dynamic = 'force-dynamic'

/** The benches for whoever has no garden here yet. */
export default async function ReckonLayout({ children }: { children: ReactNode }) {
  if (await currentState()) redirect('/bench')
  return (
    <main className="mx-auto max-w-6xl">
      <p className="px-6 pt-4 max-sm:px-4">
        <Link className="link" href="/">
          Start a garden
        </Link>{' '}
        to see what a mix or a watering does in your own beds.
      </p>
      <BenchTabs base="/reckon" />
      {children}
    </main>
  )
}
