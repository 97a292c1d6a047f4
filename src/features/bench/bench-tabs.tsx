'use client'

import Link from 'next/link'
import { usePathname, useSearchParams } from 'next/navigation'

const TABS = [
  { name: 'Water', path: '/bench/water' },
  { name: 'Feed', path: '/bench/feed' },
  { name: 'Mix', path: '/bench/mix' },
] as const

/** The three benches. */
export function BenchTabs() {
  const pathname = usePathname()
  const on = useSearchParams().get('on')
  return (
    <nav aria-label="Benches" className="flex gap-1 border-b border-base-300 px-6 pt-3 max-sm:px-4">
      {TABS.map(({ name, path }) => (
        <Link
          key={path}
          href={on === null ? path : `${path}?on=${on}`}
          aria-current={pathname === path ? 'page' : undefined}
          className={`flex min-h-11 items-center border-b-4 px-3 ${pathname === path ? 'border-leaf font-semibold' : 'border-transparent hover:bg-base-200'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
