'use client'

import dynamic from 'next/dynamic'
import { Link } from '../../components/link'
import { PartHeading, WorkedOut } from '../../components/advice/why'
import { ChartFrame } from '../../components/chart-frame'
import { SignDrawing } from '../../components/drawing/signs/sign-drawing'
import { useAct } from '../../components/act/use-act'
import type { Work } from '../../core/calls'
import { CAUSE_WORDS } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { sayCount, sayTemperature } from '../../wording/say'
import type { WatchScreenView, WatchView } from './watch-queries'

const Drawn = dynamic(() => import('./blight-chart'), { ssr: false })

const DONE = {
  scout: 'All plants inspected.',
  'clean-up': 'Lowest leaves removed. The blight score starts again.',
} satisfies Partial<Record<Work, string>>

/** When to look plants over and for what, and how hard blight presses. */
export function WatchScreen({ view }: { view: WatchScreenView }) {
  const { manner, gardenId, round, watches, blight } = view
  const { busy, isAhead, act } = useAct(view)
  const tell = (work: keyof typeof DONE) =>
    void act({
      entries: [{ subject: { type: 'garden', id: gardenId }, kind: 'tended', data: { works: [work] } }],
      said: DONE[work],
    })
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl font-semibold">
            {round === null
              ? 'Nothing stands out yet'
              : round.isDue
                ? 'Look over all plants today'
                : `Look over all plants on ${round.next}`}
          </h1>
          {round && (
            <p className="mt-1 text-lg text-quiet">
              In this weather every {sayCount(round.every, 'day')}
              {round.last ? `; last on ${round.last}` : '; not inspected yet this season'}.
            </p>
          )}
        </div>
        {round && !isAhead && (
          <button
            type="button"
            className="btn min-h-11 btn-primary"
            disabled={busy}
            onClick={() => tell('scout')}
          >
            All inspected
          </button>
        )}
      </div>
      {watches.length > 0 && (
        <section aria-label="What to look for now">
          <PartHeading>What to look for now</PartHeading>
          <p className="mb-2 max-w-prose leading-snug">
            Your weather, place, cultivar and log make these more likely than usual. Turn leaves over, and
            begin with the lowest.
          </p>
          <ul className="grid gap-3 md:grid-cols-2">
            {watches.map((watch) => (
              <Watch key={`${watch.cause} ${watch.crop}`} watch={watch} />
            ))}
          </ul>
        </section>
      )}
      {blight && (
        <section aria-label="Blight weather">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <div>
              <PartHeading>Blight weather on tomatoes</PartHeading>
              <p className="text-lg" data-testid="blight-sum">
                The early-blight score is <strong>{blight.sum} points</strong> since{' '}
                {blight.because === 'clean-up' ? 'the clean-up' : 'the first planting out'} on {blight.since}
                {blight.actOn
                  ? `; ${blight.act.from} reached on ${blight.actOn}: act`
                  : `; act from ${blight.act.from}`}
                .
              </p>
            </div>
            {!isAhead && (
              <button type="button" className="btn min-h-11" disabled={busy} onClick={() => tell('clean-up')}>
                Lowest leaves removed
              </button>
            )}
          </div>
          <ChartFrame
            manner={manner}
            name="Blight weather by day"
            says={`Remove the lowest leaves once the sum reaches ${blight.act.from} points. The gray part is forecast.`}
            along={{ name: 'day', steps: blight.points.map(({ name }) => name) }}
            tall="mt-2 h-64"
            series={[
              {
                name: 'early blight, the day’s score',
                mark: 'bar',
                color: 'var(--color-secondary)',
                values: blight.points.map(({ score }) => score),
              },
              {
                name: 'early blight, sum',
                mark: 'line',
                color: 'var(--color-primary)',
                values: blight.points.map(({ sum }) => sum),
              },
              {
                name: 'late-blight weather',
                mark: 'triangle',
                color: 'var(--color-error)',
                values: blight.points.map(({ late }) => (late ? 'yes' : null)),
              },
            ]}
          >
            <Drawn blight={blight} />
          </ChartFrame>
          <ul className="mt-2 max-w-prose list-disc space-y-1 pl-5 leading-snug">
            <li>
              Each day scores 0 to 4, by how warm it was and how long leaves stayed wet. Wetness is estimated
              from rain and humidity. From {blight.act.from} points up, remove the lowest leaves, mulch, and
              water at the soil; {blight.act.late} is late. The count starts again after a cleanup.
            </li>
            <li>
              {blight.lateDays.length === 0
                ? 'There was no late-blight weather in the last two weeks, and none is forecast.'
                : `Late-blight weather on ${blight.lateDays.join(', ')} (triangles): two damp days in a row with nights of ${sayTemperature(10, manner)} or more. Look under the leaves every day for greasy blotches with white fuzz, and ask whether it is in your region.`}
            </li>
            <li>
              It shows how much the weather helps the fungus, not whether the fungus is there. The gray part
              is forecast.
            </li>
          </ul>
          <WorkedOut workings={['blight']} />
        </section>
      )}
    </div>
  )
}

const Watch = ({ watch: { cause, sign, crop, where, why } }: { watch: WatchView }) => (
  <li className="grid grid-cols-[7.5rem_1fr] gap-3 border border-base-300 p-2 leading-snug">
    <SignDrawing sign={sign} crop={crop} className="w-full" />
    <div className="min-w-0">
      <p className="font-semibold">
        <Link className="link" href={`/clinic/causes?crop=${crop}&cause=${cause}#${cause}`}>
          {CAUSE_WORDS[cause].name}
        </Link>
      </p>
      <p>
        {SIGN_NAMES[sign]}
        <span className="text-quiet">
          {' '}
          ·{' '}
          {where.length > 4
            ? `${where.slice(0, 4).join(', ')} and ${where.length - 4} more`
            : where.join(', ')}
        </span>
      </p>
      <p className="text-sm text-quiet">{why[0]}</p>
    </div>
  </li>
)
