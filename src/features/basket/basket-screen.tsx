'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { Cautions, PartHeading, Why } from '../../components/advice/why'
import { ChartFrame } from '../../components/chart-frame'
import { Ahead } from '../../components/act/ahead'
import { useAct } from '../../components/act/use-act'
import { formatMeasure } from '../../core/quantity'
import { TRUSS_STAGES } from '../../core/harvest'
import type { Manner } from '../../core/facts'
import { sayCautions } from '../../wording/cautions'
import { TRUSS_STAGE_NAMES } from '../../wording/harvest'
import { capital } from '../../wording/names'
import { written } from '../../wording/written'
import { sayCount, sayMass } from '../../wording/say'
import type { BasketPlanting, BasketView } from './queries'
import { Surplus } from './surplus'
import { weighables, weighingEntries } from './weighable'
import { WeighForm } from './weigh-form'
import type { Weighed } from './weighable'

const Drawn = dynamic(() => import('./harvest-chart'), { ssr: false })

/** Under so many kg nothing is worth a way there. */
const WORTH = 0.15

/** What to pick now and before what comes, the scales, and what is still to ripen. */
export function BasketScreen({ view }: { view: BasketView }) {
  const { plantings, manner, on, now, before, weeks, thisWeek, ahead, lately } = view
  const [id, setId] = useState<string | null>(null)
  const [shown, setShown] = useState('')
  const { busy, isAhead, act } = useAct(view)
  const choices = weighables(plantings)
  const weighing = choices.find((one) => one.id === id) ?? choices[0]
  const chosen = plantings.find((one) => one.id === id) ?? plantings[0]
  if (!chosen || !weighing)
    return (
      <p className="p-6">
        No plants are in the ground on this day. Plants show here as they ripen; past seasons are under
        Seasons.
      </p>
    )
  const ripe = plantings.filter((one) => one.ripe >= WORTH)
  const all = ripe.reduce((sum, one) => sum + one.ripe, 0)
  const weighed = async (data: Weighed, kept: () => void) => {
    const said = `Entered: ${sayMass(data.mass, manner)} from ${weighing.title}.`
    if (await act({ entries: weighingEntries(weighing, data), said })) kept()
  }
  const scale = manner.units === 'us' ? 2.20462 : 1
  const unit = manner.units === 'us' ? 'lb' : 'kg'
  const expects = ({ expected, low, high }: BasketPlanting) =>
    `${sayMass(expected, manner)} (${sayMass(low, manner)} to ${sayMass(high, manner)})`
  const scaled = (kg: number) => Math.round(kg * scale * 100) / 100
  const points = (weeks[shown] ?? weeks['']!).map((week) => ({
    ...week,
    forecast: scaled(week.forecast),
    low: scaled(week.low),
    high: scaled(week.high),
    picked: scaled(week.picked),
  }))
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div>
        <h1 className="text-3xl font-semibold">
          {ripe.length === 0
            ? 'Nothing to pick today'
            : on > now
              ? `If you pick nothing until then, ${sayMass(all, manner)} are ripe`
              : `Pick in ${ripe.length === 1 ? ripe[0]!.place : `${ripe.length} places`}: about ${sayMass(all, manner)}`}
        </h1>
        <p className="mt-1 text-lg text-quiet">
          {capital(
            [
              lately > 0 && `${sayMass(lately, manner)} in the last seven days`,
              ahead > WORTH
                ? `about ${sayMass(ahead, manner)} ripen in the next seven`
                : 'nothing ripens in the next seven',
            ]
              .filter(Boolean)
              .join('; '),
          )}
          .
        </p>
        {before && <PickBeforeNote before={before} manner={manner} plantings={plantings} />}
      </div>
      {isAhead ? (
        <Ahead />
      ) : (
        <WeighForm
          plantings={choices}
          chosen={weighing}
          onChoose={setId}
          manner={manner}
          busy={busy}
          onKeep={(data, kept) => void weighed(data, kept)}
        />
      )}
      <div className="grid gap-6 lg:grid-cols-[3fr_2fr]">
        <section aria-label="Harvest by week" className="min-w-0">
          <div className="flex flex-wrap items-center justify-between gap-2">
            <PartHeading>Expected and picked, by week</PartHeading>
            <label className="flex items-center gap-2">
              <span className="text-sm text-quiet">Of</span>
              <select
                className="select min-h-11 text-base"
                value={shown}
                onChange={({ target }) => setShown(target.value)}
              >
                <option value="">all</option>
                {plantings.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.place}, {one.name}
                  </option>
                ))}
              </select>
            </label>
          </div>
          <ChartFrame
            manner={manner}
            name="Harvest by week"
            says="Each planting is grown in the weather this season may still bring, and adjusted to what its cultivar gave here before. The shade is 8 years in 10. The dotted line is this week."
            along={{ name: 'week of', steps: points.map(({ name }) => name) }}
            tall="h-60"
            series={[
              {
                name: `picked, ${unit}`,
                mark: 'bar',
                color: 'var(--color-ripe)',
                opacity: 0.85,
                values: points.map(({ picked }) => picked),
              },
              {
                name: `expected, ${unit}`,
                mark: 'dashed',
                color: 'var(--color-primary)',
                values: points.map(({ forecast }) => forecast),
              },
              ...(['low', 'high'] as const).map((end) => ({
                name: `${end === 'low' ? 'at least' : 'at most'}, ${unit}`,
                mark: 'bar' as const,
                color: 'var(--color-primary)',
                opacity: 0.14,
                values: points.map((week) => week[end]),
              })),
            ]}
          >
            <Drawn
              weeks={points}
              today={points.some(({ name }) => name === thisWeek) ? thisWeek : null}
              unit={unit}
            />
          </ChartFrame>
        </section>
        <section aria-label={`Ripe ${chosen.name}`}>
          <Why heading={`When is ${chosen.name} ripe?`} reasons={chosen.cues} />
          <div className="mt-3">
            <Cautions
              texts={chosen.hot ? sayCautions(['hot-pepper'], manner) : sayCautions(['heat-work'], manner)}
            />
          </div>
        </section>
      </div>
      <section aria-label="Fruit on the plants">
        <PartHeading>Fruit on the plants</PartHeading>
        <div className="table-room">
          <table className="cards w-full text-left tabular-nums [&_td]:pr-4 [&_th]:pr-4">
            <thead className="text-sm text-quiet">
              <tr>
                <th className="py-1 font-normal">Planting</th>
                <th className="font-normal">Ripe now, about</th>
                <th className="font-normal">Picked so far</th>
                {TRUSS_STAGES.filter((stage) => stage !== 'ripe').map((stage) => (
                  <th key={stage} className="font-normal">
                    {TRUSS_STAGE_NAMES[stage]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {plantings.map((one) => (
                <tr
                  key={one.id}
                  className={`border-t border-base-300 ${one.id === chosen.id ? 'bg-base-200' : ''}`}
                >
                  <th scope="row" className="py-1.5 font-normal">
                    <strong>{one.place}</strong>, {one.name} × {one.plants}
                  </th>
                  <td data-label="Ripe now, about">
                    {one.firstRipe ? `from ${one.firstRipe}` : sayMass(one.ripe, manner)}
                  </td>
                  <td data-label="Picked so far">
                    {one.lastPicked
                      ? `${sayMass(one.picked, manner)} of ${expects(one)}, last ${one.lastPicked}`
                      : `of ${expects(one)} expected`}
                  </td>
                  {TRUSS_STAGES.filter((stage) => stage !== 'ripe').map((stage) => (
                    <td key={stage} data-label={TRUSS_STAGE_NAMES[stage]}>
                      {one.stages[stage].trusses || '–'}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="mt-1 text-sm text-quiet">
          Clusters on all plants, estimated from the planting’s first plant. For peppers these are pods and
          flowers.
        </p>
      </section>
      <Surplus view={view} />
    </div>
  )
}

function PickBeforeNote({
  before,
  manner,
  plantings,
}: {
  before: NonNullable<BasketView['before']>
  manner: Manner
  plantings: readonly BasketPlanting[]
}) {
  const green = plantings.reduce(
    (sum, { stages }) => sum + stages['mature-green'].mass + stages.breaker.mass,
    0,
  )
  const breakers = plantings.reduce((sum, { stages }) => sum + stages.breaker.trusses, 0)
  const value =
    before.why === 'rain'
      ? formatMeasure({ kind: 'water-depth', value: before.value }, manner)
      : formatMeasure({ kind: 'temperature', value: before.value }, manner)
  return (
    <p className="mt-2 border-l-4 border-ripe bg-base-200 px-3 py-2" data-testid="pick-before">
      {before.why === 'frost'
        ? `Frost on ${before.date}, ${value}. Pick all full-sized fruit before it, about ${sayMass(green, manner)}. Green ones ripen indoors at ${written('{temperature 13–21}', manner)}.`
        : before.why === 'rain'
          ? `${value} of rain on ${before.date}. Pick fruit that show their first color before it, or they split${breakers > 0 ? ` (${sayCount(breakers, 'cluster')})` : ''}. They ripen indoors with little loss.`
          : `${value} on ${before.date}. Pick fruit that show their first color before it${breakers > 0 ? ` (${sayCount(breakers, 'cluster')})` : ''}. In such heat they ripen badly and scald.`}
    </p>
  )
}
