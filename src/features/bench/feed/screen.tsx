'use client'

import dynamic from 'next/dynamic'
import { Link } from '../../../components/link'
import { useState } from 'react'
import { Cautions, PartHeading, Why, WorkedOut } from '../../../components/advice/why'
import { ChartFrame } from '../../../components/chart-frame'
import {
  adviseFeed,
  nutrientLedger,
  type FedProduct,
  type LedgerNutrient,
  type LedgerWeek,
} from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import { sayCautions } from '../../../wording/cautions'
import type { FeedDetail, FeedView } from './queries'
import { sayMass, sayNumber } from '../../../wording/say'
import { PlaceSwitch } from '../place-switch'
import { Programmes } from './programmes'
import { FeedByHand, FeedForm, PlantDose, SoilTestForm } from './shown-later'

const Drawn = dynamic(() => import('./chart'), { ssr: false })
const Unused = dynamic(() => import('./chart').then(({ UnusedChart }) => UnusedChart), { ssr: false })

const VERDICTS = { glut: 'too much', gap: 'needs feed', fed: 'fed' } as const
const WARNINGS = {
  'dry-roots': 'The roots are dry. Water first and feed tomorrow, because feed burns dry roots.',
  'cold-soil': 'The soil is cold. Meals and compost give almost nothing until it warms.',
} as const
const NUTRIENTS: Record<LedgerNutrient, string> = { n: 'Nitrogen', p: 'Phosphorus', k: 'Potassium' }

/** Places by how they are fed; of the chosen one its ledger, and what a feed would change before it is given. */
export function FeedScreen({ view }: { view: FeedView }) {
  const { places, chosen, on, now, manner } = view
  if (!chosen)
    return (
      <div className="space-y-4 px-6 py-4 max-sm:px-4">
        <p>No plants are in the ground on this day. Once you plant out, this shows the feed they need.</p>
        <FeedByHand manner={manner} />
      </div>
    )
  const shown = places.find(({ id }) => id === chosen.id)
  const query = (id: string) => `/bench/feed?place=${id}${on === now ? '' : `&on=${on}`}`
  return (
    <div className="grid lg:grid-cols-[15rem_minmax(0,1fr)]">
      <PlaceSwitch
        key={chosen.id}
        label="Places by feed"
        chosen={
          <>
            <strong>{chosen.name}</strong> {shown && VERDICTS[shown.verdict]}
          </>
        }
      >
        <ol>
          {places.map(({ id, name, verdict }) => (
            <li key={id}>
              <Link
                href={query(id)}
                scroll={false}
                aria-current={id === chosen.id ? 'true' : undefined}
                className={`flex min-h-11 items-center justify-between gap-3 border-b border-base-300 px-6 max-sm:px-4 ${id === chosen.id ? 'bg-base-200 font-semibold' : ''}`}
              >
                {name}
                <span
                  className={verdict === 'glut' ? 'text-cut' : verdict === 'gap' ? 'text-feed' : 'text-quiet'}
                >
                  {VERDICTS[verdict]}
                </span>
              </Link>
            </li>
          ))}
        </ol>
      </PlaceSwitch>
      <Detail key={chosen.id} detail={chosen} view={view} manner={manner} />
    </div>
  )
}

function Detail({ detail, view, manner }: { detail: FeedDetail; view: FeedView; manner: Manner }) {
  const [nutrient, setNutrient] = useState<LedgerNutrient>('n')
  const [isOnePlant, setIsOnePlant] = useState(false)
  const [tried, setTried] = useState<readonly FedProduct[]>([])
  const verdict = tried.length > 0 ? adviseFeed(detail.ledger, detail.school, detail.count, tried) : {}
  const share = isOnePlant ? 1 / detail.count : 1
  const weeks = nutrientLedger(detail.ledger, nutrient, tried).map((week) => scaled(week, share))
  const today = detail.weeks[Math.floor(detail.ledger.today / 7)] ?? null
  const points = weeks.map((week, index) => ({
    name: detail.weeks[index]!,
    soil: round(week.soil),
    supply: round(week.supply),
    demand: round(week.demand),
    left: round(week.left),
  }))
  const missing = weeks.reduce((sum, { gap }) => sum + gap, 0)
  const wanted = weeks.reduce((sum, { demand }) => sum + demand, 0)
  const leached = weeks.reduce((sum, week) => sum + week.leached, 0)
  return (
    <div className="min-w-0 space-y-5 px-6 py-4 max-sm:px-4">
      <Answer detail={{ ...detail, ...verdict }} isTried={tried.length > 0} manner={manner} />
      <section aria-label="Ledger">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <PartHeading>Supply and demand by week</PartHeading>
          <div className="join" role="group" aria-label="Nutrient">
            {(['n', 'p', 'k'] as const).map((one) => (
              <button
                key={one}
                type="button"
                className={`btn join-item min-h-11 ${one === nutrient ? 'btn-active font-semibold' : 'bg-base-100'}`}
                aria-pressed={one === nutrient}
                onClick={() => setNutrient(one)}
              >
                {NUTRIENTS[one]}
              </button>
            ))}
          </div>
          {detail.count > 1 && (
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={isOnePlant}
                onChange={({ target }) => setIsOnePlant(target.checked)}
              />{' '}
              for one plant
            </label>
          )}
        </div>
        <ChartFrame
          manner={manner}
          name="Supply and demand by week"
          says="Bars above the line mean more nutrients come free than the plants need that week. The dotted line is this week."
          along={{ name: 'week of', steps: detail.weeks }}
          tall="h-60"
          series={[
            {
              name: 'from the soil, g',
              mark: 'bar',
              color: 'var(--color-secondary)',
              opacity: 0.7,
              values: points.map(({ soil }) => soil),
            },
            {
              name: tried.length > 0 ? 'from feed, with what you try, g' : 'from feed, g',
              mark: 'bar',
              color: 'var(--color-accent)',
              opacity: 0.8,
              values: points.map(({ supply }) => supply),
            },
            {
              name: 'needed, g',
              mark: 'line',
              color: 'var(--color-primary)',
              values: points.map(({ demand }) => demand),
            },
          ]}
        >
          <Drawn points={points} today={today} />
        </ChartFrame>
        <ChartFrame
          manner={manner}
          name="Unused in the soil by week"
          says="This much is ready in the soil and not used yet."
          along={{ name: 'week of', steps: detail.weeks }}
          tall="h-28"
          series={[
            {
              name: 'unused in the soil, g',
              mark: 'dashed',
              color: 'var(--color-error)',
              values: points.map(({ left }) => left),
            },
          ]}
        >
          <Unused points={points} today={today} />
        </ChartFrame>
        <p className="text-sm text-quiet" data-testid="ledger-words">
          {isOnePlant ? 'For one plant' : 'In all'} {sayNumber(wanted, manner)} g of{' '}
          {NUTRIENTS[nutrient].toLowerCase()} are needed, {sayNumber(missing, manner)} g are still short
          {leached > 0.5 ? `, ${sayNumber(leached, manner)} g wash out` : ''}.
        </p>
        <WorkedOut workings={['ledger', 'soil-test']} />
      </section>
      <FeedForm detail={detail} view={view} onTry={setTried} tried={tried} />
      <PlantDose
        manner={manner}
        products={view.products}
        selfWatering={detail.selfWatering}
        wanted={(detail.mix?.nitrogen ?? 0) / detail.count}
        plants={detail.count}
        advised={detail.mix?.name}
      />
      {detail.given.length > 0 && (
        <section aria-label="Given so far">
          <PartHeading>Given so far</PartHeading>
          <ul>
            {detail.given.map((text, index) => (
              <li key={index} className="border-t border-base-300 py-1">
                {text}
              </li>
            ))}
          </ul>
        </section>
      )}
      <SoilTestForm key={detail.id} detail={detail} view={view} />
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">
          Blossom-end rot here: causes, and what helps
        </summary>
        <Why heading="Most useful first" reasons={detail.rotReasons} />
      </details>
      <Programmes detail={detail} manner={manner} />
      <Cautions texts={sayCautions(['label-is-limit', 'fresh-manure'], view.manner)} />
    </div>
  )
}

function Answer({
  detail,
  isTried,
  manner,
}: {
  detail: Omit<FeedDetail, 'weeks'>
  isTried: boolean
  manner: Manner
}) {
  return (
    <div>
      <p className="text-quiet">
        {detail.name}: {detail.plants}
        {isTried && ' · with the feed you are trying'}
      </p>
      <h1 className="mt-1 text-3xl font-semibold">
        {detail.glut
          ? 'Too much nitrogen: give none'
          : detail.mix
            ? `${sayMass(detail.mix.grams / 1000, manner)} of ${detail.mix.name.toLowerCase()} in the coming weeks`
            : 'They need no feed in the next four weeks'}
      </h1>
      <p className="mt-2 text-lg text-quiet">
        {detail.glut
          ? 'There is already more nitrogen in the soil than the plants need for weeks. More would mean leaves instead of fruit, aphids and blossom-end rot. Water evenly, feed nothing, and wait for fruit.'
          : detail.mix
            ? `${sayNumber(detail.gap.n, manner)} g of nitrogen will be short in the next four weeks${detail.isPot ? '. In a pot, give it in small, dilute portions every week or two' : '. Scratch it in lightly and water it'}.`
            : 'The soil and the last feed give enough for now.'}{' '}
        {detail.flowers &&
          !detail.glut &&
          'It is in flower. From now on give less nitrogen and more potassium.'}
      </p>
      {detail.warnings.map((warning) => (
        <p key={warning} className="mt-2 border-l-4 border-cut bg-base-200 px-3 py-2">
          {WARNINGS[warning]}
        </p>
      ))}
    </div>
  )
}

/** A week of one plant's share. */
const scaled = (week: LedgerWeek, share: number): LedgerWeek => ({
  from: week.from,
  supply: week.supply * share,
  soil: week.soil * share,
  demand: week.demand * share,
  leached: week.leached * share,
  left: week.left * share,
  gap: week.gap * share,
})

const round = (value: number) => Math.round(value * 100) / 100
