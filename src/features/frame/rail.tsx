'use client'

import { Link } from '../../components/link'
import { usePathname, useSearchParams } from 'next/navigation'
import { useRouter } from '../../components/offline'
import { useRef, useState } from 'react'
import { useKeys } from '../../components/keys/keys'
import { ThemeChoice } from '../../components/theme-choice'
import { WORKSPACES } from './workspaces'
import { CommandBox } from './command-box'

const ITEM =
  'flex min-h-11 items-center justify-between border-l-4 px-3.5 max-sm:grow max-sm:justify-center max-sm:border-t-4 max-sm:border-l-0 max-sm:min-h-14 max-sm:px-1 max-sm:py-2'
const tone = (here: boolean) =>
  here ? 'border-leaf bg-base-200 font-semibold' : 'border-transparent hover:bg-base-200'

/** The workspaces as words; on a phone a bar along the bottom, with what is used indoors behind one more word. */
export function Rail() {
  const pathname = usePathname()
  const router = useRouter()
  const on = useSearchParams().get('on')
  const more = useRef<HTMLDetailsElement>(null)
  const at = (path: string) => (on === null ? path : `${path}?on=${on}`)
  const isHere = (path: string) =>
    pathname.startsWith(path) || (path === '/season' && /^\/plant(ing)?s\b/.test(pathname))
  useKeys(
    WORKSPACES.map(({ name, path, key }) => ({ key, label: name, run: () => router.push(at(path)) })),
    'frame',
  )
  const [isAsking, setIsAsking] = useState(false)
  useKeys(
    [{ key: '/', label: 'go anywhere, or enter in plain words', run: () => setIsAsking(true) }],
    'frame',
  )
  const indoors = WORKSPACES.filter(({ inBar }) => !inBar)
  return (
    <nav
      aria-label="Workspaces"
      className="sticky top-(--ribbon) flex h-[calc(100dvh-var(--ribbon))] w-[10.75rem] shrink-0 flex-col overflow-y-auto border-r border-base-300 pt-1 max-lg:w-36 max-sm:h-auto max-sm:fixed max-sm:inset-x-0 max-sm:top-auto max-sm:bottom-0 max-sm:z-20 max-sm:w-auto max-sm:flex-row max-sm:border-t max-sm:border-r-0 max-sm:overflow-visible max-sm:bg-base-200 max-sm:pt-0 print:hidden"
    >
      {WORKSPACES.map(({ name, about, path, key, inBar }) => (
        <Link
          key={path}
          href={at(path)}
          aria-current={isHere(path) ? 'page' : undefined}
          className={`${ITEM} ${tone(isHere(path))} ${inBar ? '' : 'max-sm:hidden'}`}
        >
          <span className="leading-tight">
            {name}
            <span className="block text-xs font-normal text-quiet max-sm:hidden">{about}</span>
          </span>
          <span aria-hidden className="text-xs text-quiet max-sm:hidden">
            {key}
          </span>
        </Link>
      ))}
      <button
        type="button"
        className={`${ITEM} ${tone(false)} mt-3 max-sm:hidden`}
        onClick={() => setIsAsking(true)}
      >
        Quick entry
        <span aria-hidden className="text-xs text-quiet">
          /
        </span>
      </button>
      <details ref={more} className="relative grow sm:hidden">
        <summary className={`${ITEM} h-full list-none ${tone(indoors.some(({ path }) => isHere(path)))}`}>
          More
        </summary>
        <div className="absolute right-0 bottom-full max-h-[80dvh] w-56 overflow-y-auto border border-base-300 bg-base-200">
          {indoors.map(({ name, about, path }) => (
            <Link
              key={path}
              href={at(path)}
              aria-current={isHere(path) ? 'page' : undefined}
              className="flex min-h-14 items-center border-b border-base-300 px-4"
              onClick={() => more.current?.removeAttribute('open')}
            >
              <span className="py-1.5 leading-tight">
                {name}
                <span className="block text-sm font-normal text-quiet">{about}</span>
              </span>
            </Link>
          ))}
          <button
            type="button"
            className="flex min-h-14 w-full items-center px-4"
            onClick={() => {
              more.current?.removeAttribute('open')
              setIsAsking(true)
            }}
          >
            Quick entry
          </button>
        </div>
      </details>
      <div className="mt-auto px-3.5 pb-4 max-sm:hidden">
        <ThemeChoice />
      </div>
      {isAsking && <CommandBox onClose={() => setIsAsking(false)} />}
    </nav>
  )
}
