'use client'

import { useSyncExternalStore } from 'react'
import { Link } from '../../components/link'
import type { FirstWeek } from './first-week'

/** What this browser remembers of a garden's first week: steps that were gone to, and whether the list was sent away. */
const keyOf = (garden: string) => `first-week ${garden}`
const listeners = new Set<() => void>()

function listen(listener: () => void) {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Steps gone to in this visit too: a browser that keeps nothing still ticks them. */
const gone = new Map<string, string>()

function recall(garden: string): string {
  try {
    return localStorage.getItem(keyOf(garden)) ?? gone.get(garden) ?? ''
  } catch {
    return gone.get(garden) ?? ''
  }
}

function remember(garden: string, step: string) {
  const known = new Set(recall(garden).split(' ').filter(Boolean))
  gone.set(garden, [...known.add(step)].join(' '))
  try {
    localStorage.setItem(keyOf(garden), gone.get(garden)!)
  } catch {
    // A browser that keeps nothing: the list comes back with the next visit.
  }
  listeners.forEach((listener) => listener())
}

const AWAY = 'away'

/** A new garden's short list: it ticks itself, and can be sent away. */
export function FirstWeekPart({ week: { garden, steps } }: { week: FirstWeek }) {
  const known = useSyncExternalStore(
    listen,
    () => recall(garden),
    () => AWAY,
  ).split(' ')
  const isTicked = (id: string, isDone: boolean) => isDone || known.includes(id)
  if (known.includes(AWAY) || steps.every(({ id, isDone }) => isTicked(id, isDone))) return null
  return (
    <section aria-label="Your first week" className="border-b border-base-300 px-4 py-4">
      <h2 className="text-lg font-semibold">Your first week</h2>
      <ul className="mt-1">
        {steps.map(({ id, text, href, isDone }) => {
          const ticked = isTicked(id, isDone)
          return (
            <li key={id}>
              <Link
                href={href}
                onClick={() => remember(garden, id)}
                className={`flex min-h-11 items-center gap-3 py-1 hover:bg-base-200 ${ticked ? 'text-quiet' : ''}`}
              >
                <span
                  aria-hidden
                  className={`grid size-5 shrink-0 place-items-center border ${ticked ? 'border-leaf bg-leaf text-base-100' : 'border-quiet'}`}
                >
                  {ticked && '✓'}
                </span>
                <span className={ticked ? 'line-through' : ''}>{text}</span>
                {ticked && <span className="sr-only">, done</span>}
              </Link>
            </li>
          )
        })}
      </ul>
      <button type="button" className="link mt-1 min-h-11 text-sm" onClick={() => remember(garden, AWAY)}>
        Hide this list
      </button>
    </section>
  )
}
