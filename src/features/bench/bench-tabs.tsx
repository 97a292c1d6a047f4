'use client'

import { Link } from '../../components/link'
import { usePathname, useSearchParams } from 'next/navigation'
import { Tabs } from '../../components/tabs'
import { capital } from '../../wording/names'

const TABS = ['water', 'feed', 'mix'] as const
/** What goes along from bench to bench. */
const KEPT = ['on', 'units'] as const

/** The three benches; `base`: those of the garden, or those that want none and ask for the units. */
export function BenchTabs({ base }: { base: '/bench' | '/reckon' }) {
  const pathname = usePathname()
  const asked = useSearchParams()
  const to = (path: string, change: Record<string, string> = {}) => {
    const kept = KEPT.flatMap((key) => {
      const value = change[key] ?? asked.get(key)
      return value ? [[key, value]] : []
    })
    return kept.length === 0 ? path : `${path}?${new URLSearchParams(kept).toString()}`
  }
  const other = asked.get('units') === 'us' ? 'metric' : 'us'
  return (
    <div className="px-6 pt-3 max-sm:px-4">
      <Tabs
        label="Benches"
        tabs={TABS.map((name) => {
          const path = `${base}/${name}`
          return { name: capital(name), href: to(path), here: pathname === path }
        })}
      >
        {base === '/reckon' && (
          <Link
            href={to(pathname, { units: other })}
            className="ml-auto flex min-h-11 items-center px-3 link"
          >
            In {other === 'us' ? 'cups, gallons and feet' : 'liters and meters'}
          </Link>
        )}
      </Tabs>
    </div>
  )
}
