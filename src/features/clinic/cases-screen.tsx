'use client'

import { Link } from '../../components/link'
import { PhotoStrip } from '../../components/photo/photo-strip'
import { useAct } from '../../components/act/use-act'
import { LOOK_AGAIN_EVERY, OUTCOMES, type CaseOutcome } from '../../core/health'
import { OUTCOME_NAMES } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { sayCount } from '../../wording/say'
import { CauseMarks } from './cause-marks'
import { CauseAdvice, SignDrawing } from './shown-later'
import type { CasesView, CaseView } from './case-queries'

/** The open cases, to be looked at again and closed, and the closed ones. */
export function CasesScreen({ view }: { view: CasesView }) {
  const { open, closed } = view
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <h1 className="text-3xl font-semibold">
        {open.length === 0
          ? 'No problems being watched'
          : sayCount(open.length, 'problem being watched', 'problems being watched')}
      </h1>
      {open.length === 0 && (
        <p className="max-w-prose leading-snug">
          Save what you see on a plant, and it shows here. Then check it every few days until it is over.
        </p>
      )}
      <ul className="space-y-6">
        {open.map((own) => (
          <OpenCase key={own.id} own={own} view={view} />
        ))}
      </ul>
      {closed.length > 0 && (
        <section aria-label="Closed">
          <h2 className="text-xl font-semibold">Closed</h2>
          <ul>
            {closed.map((own) => (
              <li key={own.id} className="border-t border-base-300 py-2">
                <details>
                  <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
                    <strong>{own.title}</strong> {own.where}
                    <span className="text-quiet">{own.closed}</span>
                  </summary>
                  <Looks own={own} />
                </details>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}

function OpenCase({ own, view }: { own: CaseView; view: CasesView }) {
  const { on, now, manner } = view
  const { busy, isAhead, act } = useAct(view)
  const close = (outcome: CaseOutcome) =>
    void act({
      entries: [
        {
          subject: own.subject,
          kind: 'closed',
          data: { case: own.id, outcome, ...(own.cause ? { cause: own.cause } : {}) },
        },
      ],
      said: `Closed: ${own.title.toLowerCase()}, ${own.where}.`,
    })
  return (
    <li aria-label={`${own.title}, ${own.where}`} className="border border-base-300 p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-2xl font-semibold">
          {own.title} <span className="text-base font-normal text-quiet">{own.by}</span>
        </h2>
        <p className={own.days >= LOOK_AGAIN_EVERY ? 'font-semibold text-cut' : 'text-quiet'}>
          {own.days === 0 ? 'checked today' : `last checked ${sayCount(own.days, 'day')} ago`}
        </p>
      </div>
      <p className="mb-3">
        <strong>{own.where}</strong>, since {own.since}
      </p>
      <div className="grid gap-5 lg:grid-cols-[1fr_1fr]">
        <div className="space-y-3">
          <ul className="grid grid-cols-3 gap-2 sm:grid-cols-4" aria-label="Symptoms">
            {own.signs.map((sign) => (
              <li key={sign} className="border border-base-300 p-1 text-sm leading-tight">
                <SignDrawing sign={sign} crop={own.crop} className="w-full" />
                {SIGN_NAMES[sign]}
              </li>
            ))}
          </ul>
          <Looks own={own} />
          {!isAhead && (
            <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Check it again">
              <Link
                href={`/clinic?case=${own.id}${on === now ? '' : `&on=${on}`}`}
                className="btn min-h-11 btn-primary"
              >
                Check again
              </Link>
              <span className="ml-2 text-sm text-quiet">Close it:</span>
              {OUTCOMES.map((outcome) => (
                <button
                  key={outcome}
                  type="button"
                  className="btn min-h-11 font-normal"
                  disabled={busy}
                  onClick={() => close(outcome)}
                >
                  {OUTCOME_NAMES[outcome]}
                </button>
              ))}
            </div>
          )}
        </div>
        {own.cause && (
          <div className="space-y-2">
            <CauseMarks cause={own.cause} />
            <CauseAdvice cause={own.cause} manner={manner} />
          </div>
        )}
      </div>
    </li>
  )
}

const Looks = ({ own }: { own: CaseView }) => (
  <ol className="text-sm leading-snug" aria-label="Looks">
    {own.looks.map(({ id, on, said, note, photos }) => (
      <li key={id} className="py-0.5">
        <span className="text-quiet">{on}</span> {said}
        {note && <span className="text-quiet"> ({note})</span>}
        <PhotoStrip photos={photos} />
      </li>
    ))}
  </ol>
)
