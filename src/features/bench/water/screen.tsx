'use client'

import { useSearchParams } from 'next/navigation'
import { Cautions, PartHeading, WorkedOut } from '../../../components/advice/why'
import { Ahead } from '../../../components/act/ahead'
import { useAct } from '../../../components/act/use-act'
import { FINGER_DEPTH, MOISTURE_FEELS, USUAL_HOSE, type MoistureFeel } from '../../../core/watering'
import { sayCautions } from '../../../wording/cautions'
import { formatDate } from '../../../wording/dates'
import { formatMeasure } from '../../../core/quantity'
import { AnyWater } from './any-water'
import { PlaceSwitch } from '../place-switch'
import { BalanceChart } from './balance-chart'
import { Holiday } from './holiday'
import { SensorPart } from './sensor-part'
import type { PlaceWaterView, WaterView } from './queries'
import {
  FEEL_NAMES,
  feelsOf,
  sayCans,
  sayDue,
  sayLasts,
  sayLitres,
  saySoaks,
} from '../../../wording/watering'
import { WaterOtherwise } from './otherwise'
import { WaterForm } from './form'
import { MeterForm } from './meter-form'
import { WaterButt } from './shown-later'
import { sayLength } from '../../../wording/say'

/** Places in order of need; of the chosen one how much, when and why, and what it was given. */
export function WaterScreen({ view }: { view: WaterView }) {
  const { places, manner } = view
  const id = useSearchParams().get('place')
  const { busy, isAhead, act } = useAct(view)
  const place = places.find((one) => one.id === id) ?? places[0]
  if (!place)
    return (
      <div className="space-y-4 px-6 py-4 max-sm:px-4">
        <p>No plants are in the ground on this day. Once you plant out, this shows the water they need.</p>
        <AnyWater alone manner={manner} />
      </div>
    )
  const subject = { type: 'place', id: place.id } as const
  const feels = feelsOf(place.isPot ? 'mix' : view.soil)
  const water = (litres: number) =>
    void act({
      entries: [{ subject, kind: 'watered', data: { litres } }],
      said: `Entered: ${place.name} watered, ${sayLitres(litres, manner)}.`,
    })
  const look = (feel: MoistureFeel) =>
    void act({
      entries: [{ subject, kind: 'moisture-read', data: { method: place.isPot ? 'finger' : 'spade', feel } }],
      said: `Saved: ${place.name} is ${FEEL_NAMES[feel].toLowerCase()}. The water balance follows what you found.`,
    })
  const read = (content: number) =>
    void act({
      entries: [{ subject, kind: 'moisture-read', data: { method: 'meter', content } }],
      said: `Saved: ${place.name} holds ${formatMeasure({ kind: 'share', value: content }, { units: 'metric', decimals: 'point' })} of water. The water balance follows what you found.`,
    })
  return (
    <div className="grid lg:grid-cols-[19rem_minmax(0,1fr)]">
      <PlaceSwitch
        key={place.id}
        label="Places by need"
        chosen={
          <>
            <strong>{place.name}</strong> {sayDue(place, manner)}
          </>
        }
      >
        <ol>
          {places.map((one) => (
            <li key={one.id}>
              <button
                className={`w-full border-b border-base-300 px-6 py-2 text-left max-sm:px-4 ${one.id === place.id ? 'bg-base-200' : ''}`}
                aria-pressed={one.id === place.id}
                onClick={() => choose(one.id)}
              >
                <span className="flex justify-between gap-2">
                  <strong>{one.name}</strong>
                  <span className={one.untilSlow <= 1 ? 'font-semibold text-cut' : ''}>
                    {sayDue(one, manner)}
                  </span>
                </span>
                <Gauge place={one} />
              </button>
            </li>
          ))}
        </ol>
      </PlaceSwitch>
      <div className="min-w-0 space-y-5 px-6 py-4 max-sm:px-4">
        <Answer place={place} view={view} />
        {!isAhead ? (
          <WaterForm
            key={`${place.id} ${place.toFill}`}
            place={place}
            manner={manner}
            busy={busy}
            onWater={water}
          />
        ) : (
          <Ahead />
        )}
        <section aria-label="Water by day">
          <PartHeading>How much water the root zone is short of</PartHeading>
          <BalanceChart place={place} manner={manner} />
          <WorkedOut workings={['evapotranspiration', 'water', 'evenness']} />
        </section>
        {!isAhead && (
          <section aria-label="What you found">
            <PartHeading>
              {place.isPot
                ? `Push a finger in, ${sayLength(FINGER_DEPTH, manner)} down`
                : 'Dig down to the roots'}
              : how is it?
            </PartHeading>
            <div className="flex flex-wrap gap-2">
              {MOISTURE_FEELS.map((feel) => (
                <button
                  key={feel}
                  className="btn h-auto min-h-11 flex-col items-start bg-base-100 py-1.5"
                  disabled={busy}
                  onClick={() => look(feel)}
                >
                  <span>{FEEL_NAMES[feel]}</span>
                  <span className="text-sm font-normal text-quiet">{feels[feel]}</span>
                </button>
              ))}
            </div>
            <MeterForm key={place.id} busy={busy} onRead={read} />
            {place.lastLooked && (
              <p className="mt-1 text-sm text-quiet">
                Last checked on {formatDate(place.lastLooked, manner)}.
              </p>
            )}
          </section>
        )}
        <Risks place={place} />
        <WaterOtherwise place={place} manner={manner} />
        <SensorPart key={place.id} place={place} />
        <Holiday places={places} manner={manner} />
        <WaterButt places={places} manner={manner} />
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            Another pot or bed, or a planned drip line
          </summary>
          <AnyWater manner={manner} />
        </details>
        <Cautions
          texts={place.isPot ? sayCautions(['wet-pots'], manner) : sayCautions(['heat-work'], manner)}
        />
      </div>
    </div>
  )
}

/** The place that is looked at stands in the address. */
function choose(id: string) {
  const address = new URL(window.location.href)
  address.searchParams.set('place', id)
  window.history.replaceState(null, '', address)
}

/** How far a root zone is emptied, against where growth slows. */
function Gauge({ place }: { place: PlaceWaterView }) {
  const share = (value: number) => `${Math.min(100, (100 * value) / place.taw)}%`
  return (
    <span aria-hidden className="relative mt-1.5 block h-2 bg-water/25">
      <span className="absolute inset-y-0 right-0 bg-base-300" style={{ width: share(place.depletion) }} />
      <span className="absolute -inset-y-0.5 w-0.5 bg-cut" style={{ right: share(place.raw) }} />
    </span>
  )
}

function Answer({ place, view }: { place: PlaceWaterView; view: WaterView }) {
  const { manner } = view
  const isNow = place.untilSlow <= 0
  const { litres } = place
  const soaking = place.soaking && saySoaks(place.soaking, manner)
  return (
    <div>
      <p className="text-quiet">
        {place.name}: {place.plants}
      </p>
      <h1 className="mt-1 text-3xl font-semibold">
        {place.dueOn === null && !isNow
          ? 'No water needed for two weeks'
          : `${sayLitres(litres, manner)} ${sayDue(place, manner)}`}
      </h1>
      <p className="mt-2 text-lg text-quiet">
        {litres > 0 && `${sayCans(litres, manner)}`}
        {litres > 0 && place.dripMinutes !== null && (
          <>
            , or {Math.round(place.dripMinutes)} min of drip, {place.drip!.emitters} emitters of{' '}
            {sayLitres(place.drip!.flow, manner)}/h
            {place.drip!.told ? '' : ' as usual'}
          </>
        )}
        {litres > 0 &&
          `, or ${formatMeasure({ kind: 'duration', value: (litres / USUAL_HOSE) * 60 }, manner)} of a hose that gives ${sayLitres(USUAL_HOSE, manner)} a minute. `}
        {soaking && `${soaking} `}
        {place.splits > 1 &&
          `In ${place.splits} portions per day, because its ${place.isPot ? 'mix holds' : 'roots reach'} no more at once. `}
        It uses about {sayLitres(place.need, manner)} per day now; growth slows in {sayLasts(place.untilSlow)}
        {place.lastWatered
          ? `; last watered on ${formatDate(place.lastWatered, manner)}`
          : '; no watering on record'}
        .
      </p>
    </div>
  )
}

/** What uneven water does to its fruit. */
function Risks({ place }: { place: PlaceWaterView }) {
  const { swing, dryDays, rot, crack } = place.evenness
  const percent = (value: number) =>
    formatMeasure({ kind: 'share', value }, { units: 'metric', decimals: 'point' })
  return (
    <section aria-label="Evenness">
      <PartHeading>How even it was over two weeks</PartHeading>
      <p>
        {swing <= 0.6 ? 'Even' : swing <= 1 ? 'Fairly even' : 'Uneven'}: soil moisture rose and fell by{' '}
        {percent(swing)} of what roots can easily use. Growth was slowed on{' '}
        {dryDays === 1 ? '1 day' : `${dryDays} days`}.
      </p>
      <TrussTable trusses={place.trusses} />
      {rot > WORTH && (
        <p className="text-cut">
          Blossom-end rot: {rot > 0.5 ? 'likely' : 'possible'} on fruit that were young then. Uneven water
          causes it, and it does not spread. Keep the soil evenly moist before you try any feed or spray.
        </p>
      )}
      {crack > WORTH && (
        <p className="text-cut">
          Cracking: heavy rain or watering followed a dry spell while fruit were coloring. Pick those first.
        </p>
      )}
    </section>
  )
}

/** What each truss risks, where one risks anything. */
function TrussTable({ trusses }: { trusses: PlaceWaterView['trusses'] }) {
  const told = trusses.filter(({ risks }) => risks.some(({ rot, crack }) => rot > WORTH || crack > WORTH))
  if (told.length === 0) return null
  return (
    <table className="my-2 w-full max-w-xl text-sm tabular-nums">
      <thead>
        <tr className="text-left text-quiet">
          <th className="py-1 font-normal">Cluster or fork, from the base</th>
          <th className="py-1 font-normal">Open since</th>
          <th className="py-1 font-normal">Dry days while young</th>
          <th className="py-1 font-normal">Risks</th>
        </tr>
      </thead>
      {told.map(({ plant, risks }) => (
        <tbody key={plant}>
          <tr className="border-t border-base-300">
            <th colSpan={4} className="py-1 text-left font-semibold">
              {plant}
            </th>
          </tr>
          {risks.map(({ age, dryDays, rot, crack }, index) => (
            <tr key={index} className="border-t border-base-300">
              <td className="py-1">{index + 1}</td>
              <td>{age === 1 ? '1 day' : `${age} days`}</td>
              <td>{dryDays}</td>
              <td className={rot > WORTH || crack > WORTH ? 'text-cut' : 'text-quiet'}>
                {[rot > WORTH && `end rot ${rot > 0.5 ? 'likely' : 'possible'}`, crack > WORTH && 'cracks']
                  .filter(Boolean)
                  .join(', ') || 'little'}
              </td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  )
}
/** Risks under this are not told. */
const WORTH = 0.05
