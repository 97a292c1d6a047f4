import Link from 'next/link'
import type { ReactNode } from 'react'

const TABS = [
  { name: 'Site and climate', path: '/garden' },
  { name: 'Weather', path: '/garden/weather' },
  { name: 'Files and feeds', path: '/garden/files' },
] as const

/** The parts of the Garden workspace, each a page. */
export function GardenPage({
  at,
  title,
  deciding,
  query,
  children,
}: {
  at: (typeof TABS)[number]['path']
  title: string
  deciding: string
  query: string
  children: ReactNode
}) {
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <nav aria-label="Garden" className="mb-4 flex flex-wrap gap-x-1 border-b border-base-300">
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
      <h1 className="text-3xl font-semibold">{title}</h1>
      <p className="mt-1 max-w-prose text-lg text-quiet">{deciding}</p>
      {children}
    </div>
  )
}
