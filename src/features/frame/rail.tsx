'use client'

import Link from 'next/link'
import { usePathname, useRouter, useSearchParams } from 'next/navigation'
import { useKeys } from '../../components/keys/keys'
import { ThemeChoice } from '../../components/theme-choice'
import { WORKSPACES } from './workspaces'

/** The workspaces as words; on a phone a bar along the bottom. */
export function Rail() {
  const pathname = usePathname()
  const router = useRouter()
  const on = useSearchParams().get('on')
  const at = (path: string) => (on === null ? path : `${path}?on=${on}`)
  useKeys(WORKSPACES.map(({ name, path, key }) => ({ key, label: name, run: () => router.push(at(path)) })))
  return (
    <nav
      aria-label="Workspaces"
      className="sticky top-[105px] flex h-[calc(100dvh-105px)] w-28 shrink-0 flex-col border-r border-base-300 pt-3 max-sm:h-auto max-sm:fixed max-sm:inset-x-0 max-sm:top-auto max-sm:bottom-0 max-sm:z-20 max-sm:w-auto max-sm:flex-row max-sm:border-t max-sm:border-r-0 max-sm:bg-base-200 max-sm:pt-0 print:hidden"
    >
      {WORKSPACES.map(({ name, path, key }) => {
        const here = pathname.startsWith(path) || (path === '/season' && /^\/plant(ing)?s\b/.test(pathname))
        return (
          <Link
            key={path}
            href={at(path)}
            aria-current={here ? 'page' : undefined}
            className={`flex min-h-11 items-center justify-between border-l-4 px-3.5 max-sm:grow max-sm:justify-center max-sm:border-t-4 max-sm:border-l-0 max-sm:py-2 ${
              here ? 'border-leaf bg-base-200 font-semibold' : 'border-transparent hover:bg-base-200'
            }`}
          >
            {name}
            <span aria-hidden className="text-xs text-quiet max-sm:hidden">
              {key}
            </span>
          </Link>
        )
      })}
      <div className="mt-auto px-3.5 pb-4 max-sm:hidden">
        <ThemeChoice />
      </div>
    </nav>
  )
}
