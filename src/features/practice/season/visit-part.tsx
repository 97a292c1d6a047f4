import { useEffect, useMemo, useRef, useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { PlantSide } from '../../../components/drawing/plant-side/plant-side'
import { addDays, type IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { LED_WATERINGS, ledPlant, offeredOn, type LedActs, type LedYesNo } from '../../../core/led-season'
import { formatMeasure } from '../../../core/quantity'
import { formatDate } from '../../../wording/dates'
import {
  ACT_NAMES,
  sayDry,
  sayLeaves,
  sayInstead,
  sayLedTold,
  wateringName,
} from '../../../wording/led-season'
import { sayCount, sayMass, sayTemperature } from '../../../wording/say'
import { forecastAt, type LedRun } from './led-run'

/** What stays as it was done before; a feed and a cover are given anew. What is not asked costs nothing. */
function begunWith(last: LedRun['last'], offered: readonly LedYesNo[]): LedActs {
  const stays = (act: LedYesNo) =>
    offered.includes(act) ? last !== null && last.offered.includes(act) && last.acts[act] : true
  return {
    water: last?.acts.water ?? 'none',
    ...{ prune: stays('prune'), tie: stays('tie'), pick: stays('pick') },
    feed: false,
    cover: false,
  }
}

/** A visit: the plant as it stands, how the last one went, and what is done until the next. */
export function VisitPart({
  run,
  start,
  isNext,
  manner,
  onAct,
  onBack,
  onLength,
}: {
  run: LedRun
  start: IsoDate
  /** It follows another: whoever reads by ear is told that it is there. */
  isNext: boolean
  manner: Manner
  onAct: (acts: LedActs) => void
  onBack: (() => void) | null
  onLength: () => void
}) {
  const { season, acts, visit, last } = run
  const offered = offeredOn(visit)
  const [chosen, setChosen] = useState(() => begunWith(last, offered))
  const plant = useMemo(() => ledPlant(season, acts), [season, acts])
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    if (isNext) heading.current?.focus()
  }, [isNext])
  const ahead = forecastAt(season, visit.at)
  const name = formatDate(addDays(start, visit.day), manner)
  return (
    <>
      <p className="text-quiet">
        Visit {visit.at + 1} of {season.visits.length}
      </p>
      <h1 ref={heading} tabIndex={-1} className="text-2xl font-semibold outline-none">
        {name}: what do you do for the next {sayCount(ahead.days, 'day')}?
      </h1>
      <progress
        className="progress mt-1 w-full max-w-md text-leaf"
        aria-label="Season"
        value={visit.at}
        max={season.visits.length}
      />
      <div className="mt-3 grid gap-x-6 gap-y-4 md:grid-cols-[minmax(0,1fr)_20rem] xl:grid-cols-[minmax(0,1fr)_18rem_20rem]">
        <figure className="h-[max(60dvh,22rem)] max-xl:md:row-span-2 max-md:h-[max(44dvh,18rem)]">
          <PlantSide
            plant={plant}
            marks={[]}
            chosen={null}
            supportTop={2}
            manner={manner}
            label="The plant as it stands."
            onPart={() => {}}
          />
        </figure>
        <div className="space-y-4">
          {last && (
            <section aria-label="How it went">
              <PartHeading>How it went</PartHeading>
              <ul>
                {last.told.map((told) => (
                  <li key={told.rule} className="flex gap-2 border-t border-base-300 py-1.5 leading-snug">
                    <span aria-hidden className={told.good ? 'text-leaf' : 'text-cut'}>
                      {told.good ? '✓' : '×'}
                    </span>
                    <span>{sayLedTold(told, manner)}</span>
                  </li>
                ))}
              </ul>
              <p className="mt-1 text-quiet">{sayInstead(last.acts, last.advised)}</p>
            </section>
          )}
          <section aria-label="What you see">
            <PartHeading>What you see</PartHeading>
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              <dt className="text-quiet">Soil</dt>
              <dd>{sayDry(visit.sight.dry)}</dd>
              <dt className="text-quiet">Leaves</dt>
              <dd>{sayLeaves(visit.sight)}</dd>
              <dt className="text-quiet">Fruit</dt>
              <dd>
                {visit.sight.hanging === 0
                  ? 'none yet'
                  : `${sayCount(visit.sight.hanging, 'truss', 'trusses')} unripe`}
                {visit.ripe > 0.005 && `, ${sayMass(visit.ripe, manner)} ripe`}
                {visit.picked > 0 && `, ${sayMass(visit.picked, manner)} picked so far`}
              </dd>
              <dt className="text-quiet">Forecast</dt>
              <dd>
                {sayTemperature(ahead.low, manner)} to {sayTemperature(ahead.high, manner)},{' '}
                {ahead.rain < 0.5
                  ? 'no rain'
                  : `${formatMeasure({ kind: 'water-depth', value: ahead.rain }, manner)} of rain`}
              </dd>
            </dl>
          </section>
        </div>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            onAct(chosen)
          }}
        >
          <fieldset>
            <legend className="font-semibold">Water</legend>
            {LED_WATERINGS.map((water) => (
              <label key={water} className="flex min-h-11 cursor-pointer items-center gap-3">
                <input
                  type="radio"
                  name="water"
                  className="radio border-base-content/50"
                  checked={chosen.water === water}
                  onChange={() => setChosen({ ...chosen, water })}
                />
                {wateringName(water, manner)}
              </label>
            ))}
          </fieldset>
          <fieldset className="mt-2 border-t border-base-300 pt-2">
            <legend className="sr-only">Besides</legend>
            {offered.map((act) => (
              <label key={act} className="flex min-h-11 cursor-pointer items-center gap-3">
                <input
                  type="checkbox"
                  className="checkbox border-base-content/50"
                  checked={chosen[act]}
                  onChange={({ target }) => setChosen({ ...chosen, [act]: target.checked })}
                />
                {ACT_NAMES[act]}
              </label>
            ))}
          </fieldset>
          <div className="mt-3 flex flex-wrap gap-2">
            <button type="submit" className="btn min-h-11 btn-primary">
              On to the next visit
            </button>
            {onBack && (
              <button type="button" className="btn min-h-11" onClick={onBack}>
                Back
              </button>
            )}
            <button type="button" className="btn min-h-11" onClick={onLength}>
              End
            </button>
          </div>
        </form>
      </div>
    </>
  )
}
