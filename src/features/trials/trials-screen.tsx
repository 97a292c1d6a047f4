'use client'

import { useEffect, useState } from 'react'
import { useRouter } from '../../components/offline'
import { TrialBench } from '../../workers/trial-bench'
import { Link } from '../../components/link'
import { PartHeading } from '../../components/advice/why'
import { capital } from '../../wording/names'
import { sayCount } from '../../wording/say'
import { sayHolds } from '../../wording/trial-holds'
import { QUESTION_NAMES } from '../../wording/trials'
import { Outcome } from './shown-later'
import type { TrialsView } from './queries'
import { useTrial } from './use-trial'
import { UseWay } from './use-way'

type Trial = NonNullable<TrialsView['trial']>

/** Ways to grow a planting, tried in the same two hundred seasons of this garden. */
export function TrialsScreen({ view }: { view: TrialsView }) {
  const { trial } = view
  // The seasons that one question fetched serve the next.
  const [bench] = useState(() => new TrialBench())
  useEffect(() => () => bench.stop(), [bench])
  if (trial === null)
    return (
      <div className="px-6 py-4 max-sm:px-4">
        <h1 className="text-3xl font-semibold">Which way is better here?</h1>
        <p className="mt-2 max-w-prose">
          Plan a planting first. Then try ways to grow it over 200 seasons of your own weather: plant now or
          wait, one stem or a cage, mulch or bare soil.
        </p>
        <Link href="/plantings/new" className="btn mt-3 min-h-11 btn-primary">
          Plan a planting
        </Link>
      </div>
    )
  return (
    <div className="px-6 py-4 max-sm:px-4">
      <Asking view={view} trial={trial} />
      {trial.refused.map((why) => (
        <p key={why} role="alert" className="mt-3 max-w-prose border-l-4 border-cut bg-base-200 px-3 py-2">
          {why}
        </p>
      ))}
      {trial.ways.length < 2 ? (
        <>
          <h1 className="mt-4 text-3xl font-semibold">{QUESTION_NAMES[trial.ask]}</h1>
          <p className="mt-2 max-w-prose">
            {trial.questions.find(({ ask }) => ask === trial.ask)?.cannot ??
              'Add a way below to compare it with what you do now.'}
          </p>
        </>
      ) : (
        <Running key={trial.ways.map(({ id }) => id).join()} view={view} trial={trial} bench={bench} />
      )}
      <Ways trial={trial} />
      {view.kept.length > 0 && <Kept kept={view.kept} />}
      {trial.cautions.length > 0 && (
        <ul className="mt-4 max-w-prose border-l-4 border-stake px-3 text-sm">
          {trial.cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      )}
    </div>
  )
}

function Asking({ view, trial }: { view: TrialsView; trial: Trial }) {
  const router = useRouter()
  const on = view.on === view.now ? '' : `&on=${view.on}`
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
      <label className="min-w-0">
        <span className="block text-sm text-quiet">Planting</span>
        <select
          aria-label="Planting"
          className="select max-w-full"
          value={trial.planting.id}
          onChange={({ target }) => router.push(`/trials?planting=${target.value}&ask=${trial.ask}${on}`)}
        >
          {view.plantings.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="min-w-0">
        <span className="block text-sm text-quiet">Question</span>
        <select
          aria-label="Question"
          className="select max-w-full"
          value={trial.ask}
          onChange={({ target }) => {
            const asked = trial.questions.find(({ ask }) => ask === target.value)
            if (asked) router.push(asked.href)
          }}
        >
          {trial.questions.map(({ ask, name, cannot }) => (
            <option key={ask} value={ask} disabled={cannot !== null && ask !== trial.ask}>
              {name}
              {cannot !== null && ' (not here)'}
            </option>
          ))}
        </select>
      </label>
      <Link
        href={trial.planting.href}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        {trial.planting.name}, {trial.planting.place}
      </Link>
    </div>
  )
}

function Running({ view, trial, bench }: { view: TrialsView; trial: Trial; bench: TrialBench }) {
  const { weather, ways, measure, usual } = trial
  const run = useTrial({ weather, ways: ways.map(({ id, plan }) => ({ id, plan })), measure, usual }, bench)
  const { result, state } = run
  return (
    <>
      <p className="mt-3 text-sm text-quiet">
        {trial.planting.name} in {trial.planting.place} · {QUESTION_NAMES[trial.ask]} ·{' '}
        {trial.goesOn ? 'from today on, ' : ''}in {sayCount(result?.of ?? 200, 'season')} of this garden’s
        weather
      </p>
      {result === null ? (
        <h1 className="mt-1 text-3xl font-semibold">
          {state === 'failed' ? 'The trial did not start' : capital('growing the first seasons …')}
        </h1>
      ) : (
        <Outcome view={view} trial={trial} result={result} />
      )}
      {run.turning && (
        <p className="mt-4 max-w-[70ch] text-sm">
          {sayHolds(run.turning)}{' '}
          <Link href="/almanac/workings" className="underline underline-offset-4">
            How it is worked out
          </Link>
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-center gap-3 print:hidden" aria-live="polite">
        {state === 'running' && (
          <>
            <progress
              className="progress w-40"
              aria-label="Seasons grown"
              value={result?.done ?? 0}
              max={result?.of ?? 200}
            />
            <button type="button" className="btn min-h-11" onClick={run.stop}>
              Stop
            </button>
          </>
        )}
        {state === 'stopped' && (
          <>
            <span>
              Stopped after {result?.done ?? 0} of {result?.of ?? 200} seasons.
            </span>
            <button type="button" className="btn min-h-11" onClick={run.start}>
              Run it again
            </button>
          </>
        )}
        {state === 'failed' && (
          <>
            <span role="alert">The weather of this garden did not come. Check the connection.</span>
            <button type="button" className="btn min-h-11" onClick={run.start}>
              Try again
            </button>
          </>
        )}
        {state === 'done' && result && <UseWay view={view} trial={trial} result={result} />}
      </div>
    </>
  )
}

/** The ways that are compared, each to be left out or changed further, and what else the question offers. */
function Ways({ trial }: { trial: Trial }) {
  const router = useRouter()
  const { choices, isFull, others } = trial
  return (
    <section aria-label="Ways to compare" className="mt-6 max-w-3xl print:hidden">
      <PartHeading>Compare up to four ways</PartHeading>
      <ul>
        {others.map(({ id, name, without, also }) => (
          <li
            key={id}
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-base-300 py-1.5"
          >
            <span className="min-w-40 flex-1 font-semibold">{capital(name)}</span>
            <select
              aria-label={`Also change: ${name}`}
              className="select max-w-full"
              value=""
              onChange={({ target }) => router.push(target.value)}
            >
              <option value="" disabled>
                and also …
              </option>
              {also.map(({ question, choices: offered }) => (
                <optgroup key={question} label={question}>
                  {offered.map(({ name: choice, href }) => (
                    <option key={href} value={href}>
                      {choice}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
            <Link href={without} aria-label={`Leave out: ${name}`} className="btn min-h-11 bg-base-100">
              Leave out
            </Link>
          </li>
        ))}
      </ul>
      <ul className="mt-2 flex flex-wrap gap-2">
        {choices
          .filter(({ isNow, isIn }) => !isNow && !isIn)
          .map(({ id, name, cannot, href }) => (
            <li key={id}>
              {cannot !== null ? (
                <span className="inline-flex min-h-11 items-center px-3 text-sm text-quiet">
                  {capital(name)}: {cannot}
                </span>
              ) : isFull ? (
                <span className="inline-flex min-h-11 items-center px-3 text-quiet">{name}</span>
              ) : (
                <Link href={href} aria-label={`Compare: ${name}`} className="btn min-h-11 bg-base-100">
                  + {capital(name)}
                </Link>
              )}
            </li>
          ))}
      </ul>
      {isFull && <p className="mt-1 text-sm text-quiet">Leave one out to compare another.</p>}
    </section>
  )
}

/** Trials that were kept, each as it was then; its link runs it again as things are now. */
function Kept({ kept }: { kept: TrialsView['kept'] }) {
  return (
    <section aria-label="Kept trials" className="mt-6 max-w-3xl print:hidden">
      <PartHeading>Kept trials</PartHeading>
      <ul>
        {kept.map(({ id, about, said, ways, href, isAsked }) => (
          <li key={id} className="border-t border-base-300 py-1.5">
            <details>
              <summary className="min-h-11 cursor-pointer leading-snug">
                <strong>{said}</strong>
                <span className="block text-sm text-quiet">
                  {about}
                  {isAsked && ', the trial you see'}
                </span>
              </summary>
              <ul className="mt-1 text-sm tabular-nums">
                {ways.map((way) => (
                  <li key={way}>{way}</li>
                ))}
              </ul>
              <Link href={href} className="inline-flex min-h-11 items-center underline underline-offset-4">
                Run it again as things are now
              </Link>
            </details>
          </li>
        ))}
      </ul>
    </section>
  )
}
