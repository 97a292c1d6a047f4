'use client'

import { Suspense, use, type ComponentType } from 'react'
import { Link } from '../components/link'
import { viewAt } from './pocket'
import { screenAt } from './addresses'
import { SCREENS } from './screens'

/** A screen that is worked out on this device. */
export function PocketScreen({ address, turn }: { address: string; turn: number }) {
  const found = screenAt(address)
  if (!found || !(found.screen in SCREENS)) return <NotHere />
  return (
    <Suspense fallback={<p className="px-6 py-4 text-quiet">Working it out on this phone …</p>}>
      <Worked address={address} turn={turn} {...found} />
    </Suspense>
  )
}

function Worked({
  address,
  turn,
  screen,
  asked,
}: { address: string; turn: number } & NonNullable<ReturnType<typeof screenAt>>) {
  const view = use(viewAt(address, turn))
  if (view === null) return <NotHere />
  const Screen = SCREENS[screen as keyof typeof SCREENS] as ComponentType<{ view: unknown; asked: object }>
  return <Screen view={view} asked={asked} />
}

/** What works without the server, where something else was asked for. */
function NotHere() {
  return (
    <div className="mx-auto max-w-2xl px-6 py-6 max-sm:px-4">
      <h1 className="text-2xl font-semibold">This screen needs the server</h1>
      <p className="mt-2 text-lg text-quiet">
        It does not answer now. These work on this phone meanwhile, and everything you enter in them is kept.
      </p>
      <ul className="mt-4 border-t border-base-300">
        {[
          ['/walk', 'Walk: today’s round'],
          ['/planting-day', 'Planting day'],
          ['/bench/water', 'Water, place by place'],
          ['/basket', 'Basket: weigh the harvest'],
          ['/clinic', 'Clinic: what’s wrong?'],
          ['/logbook', 'Logbook of this season'],
        ].map(([path, name]) => (
          <li key={path} className="border-b border-base-300">
            <Link href={path!} className="flex min-h-12 items-center link">
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}
