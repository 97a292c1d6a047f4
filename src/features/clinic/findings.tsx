'use client'

import type { IsoDate } from '../../core/calendar'
import type { Diagnosis, SignId } from '../../core/health'
import { CAUSE_WORDS } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { NextToLook, Ranking } from './diagnosis'
import { KeepCase } from './keep-case'
import type { ClinicView } from './queries'
import { SeenList } from './seen-list'

const asObject = (sign: string) => `this: ${sign.charAt(0).toLowerCase()}${sign.slice(1)}`

/** What the signs speak for: the likeliest, what would decide, what to do, and keeping it. */
export function Findings({
  view,
  signs,
  absent,
  since,
  found,
  onForget,
  onAnswer,
  onKept,
}: {
  view: ClinicView
  signs: readonly SignId[]
  absent: readonly SignId[]
  since: IsoDate | null
  /** With one cause at the least. */
  found: Pick<Diagnosis, 'ranked' | 'next'>
  onForget: (sign: SignId) => void
  onAnswer: (sign: SignId, there: boolean) => void
  onKept: () => void
}) {
  const { chosen, manner } = view
  const { crop } = view.context
  const { ranked, next } = found
  const { cause, likelihood } = ranked[0]!
  const { name } = CAUSE_WORDS[cause]
  // One vague sign fits many causes: what to look for comes before any name.
  const isVague = signs.length === 1 && absent.length === 0 && likelihood < 0.35 && next !== null
  const how = likelihood >= 0.6 ? 'Most likely' : likelihood >= 0.35 ? 'Perhaps' : 'Unclear; first of all'
  return (
    <>
      <p className="text-2xl leading-tight font-semibold" data-testid="likeliest" aria-live="polite">
        {isVague ? `Look for ${asObject(SIGN_NAMES[next.sign])}` : `${how} ${name.toLowerCase()}`}
      </p>
      {isVague && (
        <p className="text-quiet">
          {SIGN_NAMES[signs[0]!]} alone fits many problems. This tells most of them apart.
        </p>
      )}
      <SeenList signs={signs} absent={absent} onForget={onForget} />
      {next && <NextToLook next={next} crop={crop} onAnswer={onAnswer} />}
      <Ranking ranked={ranked} crop={crop} manner={manner} />
      {chosen && (
        <KeepCase
          view={view}
          chosen={chosen}
          signs={signs}
          absent={absent}
          since={since}
          ranked={ranked}
          onKept={onKept}
        />
      )}
      <a
        href="#answer"
        className="fixed inset-x-0 bottom-(--bar) z-10 flex min-h-12 items-center justify-between border-t border-base-300 bg-base-200 px-4 font-semibold lg:hidden print:hidden"
      >
        <span>{name}</span>
        <span className="tabular-nums">{Math.min(99, Math.round(likelihood * 100))} % · see why</span>
      </a>
    </>
  )
}
