'use client'

import dynamic from 'next/dynamic'
import { Link } from '../../components/link'
import { PartHeading, WorkedOut } from '../../components/advice/why'
import { SignDrawing } from '../../components/drawing/signs/sign-drawing'
import { useAct } from '../../components/act/use-act'
import type { Work } from '../../core/calls'
import { CAUSE_WORDS } from '../../wording/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { sayCount, sayTemperature } from '../../wording/say'
import type { WatchScreenView, WatchView } from './watch-queries'

const Drawn = dynamic(() => import('./blight-chart'), { ssr: false })

const DONE = {
  scout: 'All plants looked over.',
  'clean-up': 'Lowest leaves cleared: the blight score begins anew.',
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
                ? 'Look all plants over today'
                : `Look all plants over on ${round.next}`}
          </h1>
          {round && (
            <p className="mt-1 text-lg text-quiet">
              Every {sayCount(round.every, 'day')} in this weather
              {round.last ? `; last on ${round.last}` : '; not looked over yet this season'}.
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
            Looked over
          </button>
        )}
      </div>
      {watches.length > 0 && (
        <section aria-label="What to look for now">
          <PartHeading>What to look for now</PartHeading>
          <p className="mb-2 max-w-prose leading-snug">
            By weather, place, cultivar and log likelier than usual. Turn leaves over; begin at the lowest.
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
                Early blight stands at <strong>{blight.sum} points</strong> since{' '}
                {blight.because === 'clean-up' ? 'the clean-up' : 'the first setting out'} on {blight.since}
                {blight.actOn
                  ? `; ${blight.act.from} reached on ${blight.actOn}: act`
                  : `; act from ${blight.act.from}`}
                .
              </p>
            </div>
            {!isAhead && (
              <button type="button" className="btn min-h-11" disabled={busy} onClick={() => tell('clean-up')}>
                Lowest leaves cleared
              </button>
            )}
          </div>
          <div className="mt-2 h-64" aria-hidden>
            <Drawn blight={blight} />
          </div>
          <ul className="mt-2 max-w-prose list-disc space-y-1 pl-5 leading-snug">
            <li>
              Each day scores 0 to 4 by how warm it was and how long leaves stayed wet, here estimated from
              rain and humidity. From {blight.act.from} points on take the lowest leaves off, mulch, and water
              at the foot; {blight.act.late} is late. The count begins anew after a clean-up.
            </li>
            <li>
              {blight.lateDays.length === 0
                ? 'No late-blight weather in the last fortnight or ahead.'
                : `Late-blight weather on ${blight.lateDays.join(', ')} (triangles): two damp days in a row with nights of ${sayTemperature(10, manner)} and more. Look under the leaves for greasy blotches with white fuzz every day, and ask what is about in your region.`}
            </li>
            <li>
              It tells how hard the weather presses, not whether the fungus is there. The grey part is
              forecast.
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
