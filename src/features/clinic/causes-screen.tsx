'use client'

import { Link } from '../../components/link'
import { useState } from 'react'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { CAUSES, causesOf, hallmarkOf, textbookSigns, type CauseId, type CauseKind } from '../../core/health'
import { CAUSE_WORDS, KIND_NAMES } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { CauseAdvice } from './cause-advice'
import { CauseMarks } from './cause-marks'
import { LookAlikes, SignDrawing } from './shown-later'

/** All that a crop can have, by kind, each with its signs, what to do and what it is taken for. */
export function CausesScreen({
  crop,
  query,
  manner,
  first,
}: {
  crop: Crop
  query: string
  manner: Manner
  /** The one that is open from the start; null: none. */
  first: CauseId | null
}) {
  const [open, setOpen] = useState<CauseId | null>(first)
  const kinds = Object.keys(KIND_NAMES) as CauseKind[]
  return (
    <div className="px-6 py-4 max-sm:px-4">
      <h1 className="text-3xl font-semibold">What {crop === 'tomato' ? 'tomatoes' : 'peppers'} can have</h1>
      <p className="mt-2 flex gap-2">
        {(['tomato', 'pepper'] as const).map((one) => (
          <Link
            key={one}
            href={`/clinic/causes?crop=${one}${query.replace('?', '&')}`}
            aria-current={one === crop ? 'true' : undefined}
            className={`btn min-h-11 ${one === crop ? 'btn-primary' : ''}`}
          >
            {one === 'tomato' ? 'Tomatoes' : 'Peppers'}
          </Link>
        ))}
      </p>
      {kinds.map((kind) => {
        const causes = causesOf(crop).filter((cause) => CAUSES[cause].kind === kind)
        return (
          causes.length > 0 && (
            <section key={kind} aria-label={KIND_NAMES[kind]} className="mt-5">
              <h2 className="text-xl font-semibold">{KIND_NAMES[kind]}</h2>
              {causes.map((cause) => (
                <CauseEntry
                  key={cause}
                  cause={cause}
                  crop={crop}
                  manner={manner}
                  open={cause === open}
                  onToggle={() => setOpen(cause === open ? null : cause)}
                />
              ))}
            </section>
          )
        )
      })}
    </div>
  )
}

/** One cause by its drawing and name; its signs, what to do and its look-alikes are drawn when it is opened. */
function CauseEntry({
  cause,
  crop,
  manner,
  open,
  onToggle,
}: {
  cause: CauseId
  crop: Crop
  manner: Manner
  open: boolean
  onToggle: () => void
}) {
  return (
    <article id={cause} className="scroll-mt-28 border-t border-base-300">
      <h3>
        <button
          type="button"
          aria-expanded={open}
          className="flex w-full cursor-pointer items-center gap-4 py-1.5 text-left hover:bg-base-200"
          onClick={onToggle}
        >
          <SignDrawing sign={hallmarkOf(cause)} crop={crop} className="w-20 shrink-0" />
          <span>
            <span className="text-lg font-semibold">{CAUSE_WORDS[cause].name}</span>
            <span className="block font-sans text-base text-quiet">{SIGN_NAMES[hallmarkOf(cause)]}</span>
          </span>
        </button>
      </h3>
      {open && (
        <div className="my-2 grid gap-4 lg:grid-cols-[1fr_1fr]">
          <div className="space-y-3">
            <ul className="grid grid-cols-3 gap-2 sm:grid-cols-4" aria-label="Symptoms">
              {textbookSigns(cause)
                .slice(0, 4)
                .map((sign) => (
                  <li key={sign} className="text-sm leading-tight">
                    <SignDrawing sign={sign} crop={crop} className="w-full border border-base-300" />
                    {SIGN_NAMES[sign]}
                  </li>
                ))}
            </ul>
            <LookAlikes cause={cause} crop={crop} />
          </div>
          <div className="space-y-2">
            <CauseMarks cause={cause} />
            <CauseAdvice cause={cause} manner={manner} />
          </div>
        </div>
      )}
    </article>
  )
}
