'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import type { Manner } from '../../core/facts'
import { EMITTER_REACH, MULCH_DEPTH, waterButt } from '../../core/watering'
import { formatMeasure } from '../../core/quantity'
import { errorOf, readNumber, readVolume, valueOf } from './numbers'
import type { PlaceWaterView } from './water-queries'
import { sayLitres, WATER_SCHOOLS } from './water-words'
import { sayLength } from '../../wording/say'

const MOST_LITRES = 100_000

/** Other schools of watering, mulch, what the drip line misses. */
export function WaterOtherwise({ place, manner }: { place: PlaceWaterView; manner: Manner }) {
  return (
    <section aria-label="Another way to water">
      <PartHeading>Another way</PartHeading>
      <ul>
        {place.schools.map(({ school, inDays, litres }) => (
          <li key={school} className="border-t border-base-300 py-1.5">
            <strong>{WATER_SCHOOLS[school].name}</strong>
            {school === place.school && ' · taken here'}:{' '}
            {school === 'fixed-days'
              ? `each ${sayEvery(place.every)}, ${sayLitres(place.need * place.every, manner)}`
              : inDays === null
                ? 'nothing in the next two weeks'
                : `${sayLitres(litres, manner)} in ${inDays === 1 ? '1 day' : `${inDays} days`}`}
            . <span className="text-quiet">{WATER_SCHOOLS[school].case}</span>
          </li>
        ))}
      </ul>
      {!place.mulched && !place.isPot && (
        <p className="mt-2">
          Bare soil loses up to a sixth more: {sayLength(MULCH_DEPTH, manner)} of straw here is{' '}
          {sayLitres(place.mulchLitres, manner)} as it is bought.
        </p>
      )}
      {place.dryPlants > 0 && (
        <p className="mt-2 text-cut">
          {place.dryPlants === 1 ? '1 plant stands' : `${place.dryPlants} plants stand`} more than{' '}
          {sayLength(EMITTER_REACH, manner)} from an emitter: move the line, add one, or water those by hand.
        </p>
      )}
    </section>
  )
}

const sayEvery = (days: number) => (days === 1 ? 'day' : `${days} days`)

/** A butt under a roof against what all places want in the coming two weeks. */
export function WaterButt({ places, manner }: { places: readonly PlaceWaterView[]; manner: Manner }) {
  const [roof, setRoof] = useState('20')
  const [holds, setHolds] = useState(manner.units === 'us' ? '60 gal' : '200 L')
  const area = readNumber(roof, 0, 100_000)
  const litres = readVolume(holds, manner, MOST_LITRES)
  const [m2, full] = [valueOf(area), valueOf(litres)]
  const ahead = places[0]?.days.filter((day) => day.ahead) ?? []
  const scale = manner.units === 'us' ? 25.4 : 1
  const need = places.reduce((sum, place) => sum + place.need, 0)
  const butt =
    m2 !== null && full !== null
      ? waterButt(
          { roof: m2!, holds: full!, starts: full! },
          ahead.map(({ rain }) => ({ rain: rain * scale, need })),
        )
      : null
  const carries = butt ? butt.level.findIndex((level) => level <= 0) : -1
  return (
    <section aria-label="Water butt">
      <PartHeading>A water butt against the need</PartHeading>
      <div className="flex flex-wrap items-start gap-2">
        <div className="w-40">
          <TextField
            label="Roof, m² from above"
            inputMode="decimal"
            value={roof}
            error={errorOf(area)}
            onChange={({ target }) => setRoof(target.value)}
          />
        </div>
        <div className="w-40">
          <TextField
            label="The butt holds"
            value={holds}
            error={errorOf(litres)}
            onChange={({ target }) => setHolds(target.value)}
          />
        </div>
      </div>
      {butt && (
        <p className="mt-2" role="status">
          All places take {sayLitres(need, manner)} a day now. Full today, it{' '}
          {carries < 0
            ? 'carries them through the next two weeks'
            : `is empty ${carries === 0 ? 'within the day' : `after ${carries + 1} days`}`}
          ; in the rain to come it catches {sayLitres(butt.caught, manner)}
          {butt.over > 1 && `, of which ${sayLitres(butt.over, manner)} run over`}. One metre of water over
          the line gives {formatMeasure({ kind: 'count', value: 9.8 }, manner)} kPa: too little for most drip
          emitters.
        </p>
      )}
    </section>
  )
}
