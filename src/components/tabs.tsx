import { Link } from './link'
import type { ReactNode } from 'react'

/** The pages of a workspace, one beside the other; what else stands in their line goes to its end. */
export function Tabs({
  label,
  tabs,
  children,
}: {
  label: string
  tabs: readonly { name: string; href: string; here: boolean }[]
  children?: ReactNode
}) {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-x-1 border-b border-base-300 print:hidden">
      {tabs.map(({ name, href, here }) => (
        <Link
          key={name}
          href={href}
          aria-current={here ? 'page' : undefined}
          className={`flex min-h-11 items-center border-b-4 px-3 ${here ? 'border-leaf font-semibold' : 'border-transparent hover:bg-base-200'}`}
        >
          {name}
        </Link>
      ))}
      {children}
    </nav>
  )
}
