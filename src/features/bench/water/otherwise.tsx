import { PartHeading } from '../../../components/advice/why'
import type { Manner } from '../../../core/facts'
import { EMITTER_REACH, MULCH_DEPTH } from '../../../core/watering'
import type { PlaceWaterView } from './queries'
import { sayLitres, WATER_SCHOOLS } from '../../../wording/watering'
import { sayLength } from '../../../wording/say'

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
