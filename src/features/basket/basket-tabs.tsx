import Link from 'next/link'

const TABS = [
  { name: 'Now', path: '/basket' },
  { name: 'Seasons', path: '/basket/review' },
] as const

/** The parts of the Basket. */
export function BasketTabs({ at, query }: { at: (typeof TABS)[number]['path']; query: string }) {
  return (
    <nav aria-label="Basket" className="flex gap-1 border-b border-base-300 px-6 pt-3 max-sm:px-4">
      {TABS.map(({ name, path }) => (
        <Link
          key={path}
          href={path + query}
          aria-current={path === at ? 'page' : undefined}
          className={`flex min-h-11 items-center border-b-4 px-3 ${path === at ? 'border-leaf font-semibold' : 'border-transparent hover:bg-base-200'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
