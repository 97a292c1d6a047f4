'use client'

import { useState } from 'react'
import { PartHeading, Why } from '../../components/advice/why'
import { SignDrawing } from '../../components/drawing/signs/sign-drawing'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { lookAlikesOf, tellingSign, type CauseId, type Diagnosis, type SignId } from '../../core/health'
import { workingOf } from '../../wording/workings/of-rule'
import { CAUSE_WORDS, sayHealthReason } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { CauseAdvice } from './cause-advice'
import { CauseMarks } from './cause-marks'

const percent = (share: number) => `${Math.min(99, Math.round(share * 100))} %`

/** The causes by likelihood: the chosen one with what to do, the others to choose from. */
export function Ranking({
  ranked,
  crop,
  manner,
}: {
  ranked: Diagnosis['ranked']
  crop: Crop
  manner: Manner
}) {
  const [asked, setAsked] = useState<CauseId | null>(null)
  const chosen = ranked.find(({ cause }) => cause === asked) ?? ranked[0]!
  return (
    <div className="space-y-4">
      <ol aria-label="Likely causes" className="space-y-1">
        {ranked.slice(0, 6).map(({ cause, likelihood }) => (
          <li key={cause}>
            <button
              type="button"
              aria-pressed={cause === chosen.cause}
              onClick={() => setAsked(cause)}
              className={`grid min-h-11 w-full cursor-pointer grid-cols-[1fr_6rem_3.2rem] items-center gap-2 border-l-4 px-2 text-left ${cause === chosen.cause ? 'border-leaf bg-base-200 font-semibold' : 'border-transparent hover:bg-base-200'}`}
            >
              {CAUSE_WORDS[cause].name}
              <span aria-hidden className="h-2.5 bg-base-300">
                <span
                  className="block h-full bg-primary"
                  style={{ width: `${Math.round(likelihood * 100)}%` }}
                />
              </span>
              <span className="text-right tabular-nums">{percent(likelihood)}</span>
            </button>
          </li>
        ))}
      </ol>
      <section aria-label={CAUSE_WORDS[chosen.cause].name} className="space-y-3">
        <h2 className="text-xl font-semibold">{CAUSE_WORDS[chosen.cause].name}: what to do</h2>
        <CauseMarks cause={chosen.cause} />
        <CauseAdvice cause={chosen.cause} manner={manner} />
        <Why
          reasons={chosen.reasons.map((reason) => ({
            text: sayHealthReason(reason, manner),
            weight: reason.weight,
            working: workingOf(reason.rule),
          }))}
        />
        <LookAlikes cause={chosen.cause} crop={crop} />
      </section>
    </div>
  )
}

/** What a cause is taken for, each by the sign that tells it apart. */
export function LookAlikes({ cause, crop }: { cause: CauseId; crop: Crop }) {
  const others = lookAlikesOf(cause, crop)
  if (others.length === 0) return null
  const cards: [CauseId, SignId][] = [
    [cause, tellingSign(cause, others[0]!)],
    ...others.slice(0, 3).map((other): [CauseId, SignId] => [other, tellingSign(other, cause)]),
  ]
  return (
    <section aria-label="Similar problems">
      <PartHeading>Similar problems</PartHeading>
      <ul className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        {cards.map(([one, sign]) => (
          <li
            key={one}
            className={`border p-1.5 leading-tight ${one === cause ? 'border-leaf' : 'border-base-300'}`}
          >
            <SignDrawing sign={sign} crop={crop} className="w-full" />
            <strong className="mt-1 block text-sm">{CAUSE_WORDS[one].name}</strong>
            <span className="text-sm">{SIGN_NAMES[sign]}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The one thing to look at that would decide most. */
export function NextToLook({
  next,
  crop,
  onAnswer,
}: {
  next: NonNullable<Diagnosis['next']>
  crop: Crop
  onAnswer: (sign: SignId, there: boolean) => void
}) {
  const { sign, ifSeen, ifNot } = next
  return (
    <section
      aria-label="What would settle it"
      className="grid grid-cols-[8rem_1fr] gap-3 border border-base-300 p-3"
    >
      <SignDrawing sign={sign} crop={crop} className="w-full" />
      <div>
        <p className="text-sm text-quiet">To be surer, look for this:</p>
        <p className="font-semibold">{SIGN_NAMES[sign]}</p>
        <p className="text-sm leading-snug">
          {ifSeen === ifNot
            ? `${CAUSE_WORDS[ifSeen].name} is more likely if you see it.`
            : `If you see it, ${CAUSE_WORDS[ifSeen].name.toLowerCase()}; if not, ${CAUSE_WORDS[ifNot].name.toLowerCase()}.`}
        </p>
        <p className="mt-2 flex gap-2">
          <button type="button" className="btn min-h-11" onClick={() => onAnswer(sign, true)}>
            I see it
          </button>
          <button type="button" className="btn min-h-11" onClick={() => onAnswer(sign, false)}>
            Not there
          </button>
        </p>
      </div>
    </section>
  )
}
