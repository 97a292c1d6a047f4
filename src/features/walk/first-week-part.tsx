'use client'

import { Link } from '../../components/link'
import { recall, remember, useRemembered } from '../../components/use-remembered'
import type { FirstWeek } from './first-week'

/** What this browser remembers of a garden's first week: steps that were gone to, and whether the list was sent away. */
const keyOf = (garden: string) => `first-week ${garden}`
const goneTo = (garden: string, step: string) =>
  remember(keyOf(garden), [...new Set([...recall(keyOf(garden)).split(' ').filter(Boolean), step])].join(' '))

const AWAY = 'away'

/** A new garden's short list: it ticks itself, and can be sent away. */
export function FirstWeekPart({ week: { garden, steps } }: { week: FirstWeek }) {
  const known = useRemembered(keyOf(garden), AWAY).split(' ')
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
                onClick={() => goneTo(garden, id)}
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
      <button type="button" className="link mt-1 min-h-11 text-sm" onClick={() => goneTo(garden, AWAY)}>
        Hide this list
      </button>
    </section>
  )
}
