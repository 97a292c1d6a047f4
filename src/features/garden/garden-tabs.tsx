import type { ReactNode } from 'react'
import { Tabs } from '../../components/tabs'

const TABS = [
  { name: 'Site and climate', path: '/garden' },
  { name: 'Weather', path: '/garden/weather' },
  { name: 'Files and feeds', path: '/garden/files' },
  { name: 'People and devices', path: '/garden/devices' },
  { name: 'Gardens', path: '/garden/gardens' },
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
      <div className="mb-4">
        <Tabs
          label="Garden"
          tabs={TABS.map(({ name, path }) => ({ name, href: path + query, here: path === at }))}
        />
      </div>
      <h1 className="text-3xl font-semibold">{title}</h1>
      <p className="mt-1 max-w-prose text-lg text-quiet">{deciding}</p>
      {children}
    </div>
  )
}
