import { TryIt } from '../../../components/try-it'
import { PartHeading } from '../../../components/advice/why'
import type { Manner } from '../../../core/facts'
import { EMITTER_REACH, MULCH_DEPTH } from '../../../core/watering'
import type { PlaceWaterView } from './queries'
import { sayLitres, sayWay, WATER_SCHOOLS } from '../../../wording/watering'
import { sayLength } from '../../../wording/say'

/** Other schools of watering, mulch, what the drip line misses. */
export function WaterOtherwise({ place, manner }: { place: PlaceWaterView; manner: Manner }) {
  return (
    <section aria-label="Another way to water">
      <PartHeading>Another way</PartHeading>
      <ul>
        {place.ways.map((one) => (
          <li key={one.way} className="border-t border-base-300 py-1.5">
            <strong>{WATER_SCHOOLS[one.way].name}</strong>
            {one.way === place.school && ' · used here'}: {sayWay(one, manner)}.{' '}
            <span className="text-quiet">{WATER_SCHOOLS[one.way].case}</span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-6">
        <TryIt place={place.id} ask="watering" />
        {!place.isPot && <TryIt place={place.id} ask="mulch" />}
      </div>
      {!place.mulched && !place.isPot && (
        <p className="mt-2">
          Bare soil loses up to a sixth more water: {sayLength(MULCH_DEPTH, manner)} of straw here is{' '}
          {sayLitres(place.mulchLitres, manner)} as it is bought.
        </p>
      )}
      {place.dryPlants > 0 && (
        <p className="mt-2 text-cut">
          {place.dryPlants === 1 ? '1 plant is' : `${place.dryPlants} plants are`} more than{' '}
          {sayLength(EMITTER_REACH, manner)} from an emitter. Move the line, add one, or water those by hand.
        </p>
      )}
    </section>
  )
}
