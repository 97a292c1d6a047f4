'use client'

import { PartHeading } from '../../../components/advice/why'
import { TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import type { Manner } from '../../../core/facts'
import { buttSchema, carriedBy, usualButt } from './butt.model'
import type { PlaceWaterView } from './queries'

/** A butt under a roof against what all places want in the coming two weeks. */
export function WaterButt({ places, manner }: { places: readonly PlaceWaterView[]; manner: Manner }) {
  const { field, all } = useCalculator({ schema: buttSchema(manner), defaults: usualButt(manner) })
  const mm = manner.units === 'us' ? 25.4 : 1
  const rain = (places[0]?.days ?? []).filter(({ ahead }) => ahead).map((day) => day.rain * mm)
  const need = places.reduce((sum, place) => sum + place.need, 0)
  return (
    <section aria-label="Rain barrel">
      <PartHeading>Will a rain barrel be enough?</PartHeading>
      <div className="flex flex-wrap items-start gap-2">
        <div className="w-40">
          <TextField label="Roof, from above" {...field('roof')} />
        </div>
        <div className="w-40">
          <TextField label="The barrel holds" {...field('holds')} />
        </div>
      </div>
      {all && (
        <p className="mt-2" role="status">
          {carriedBy(all, rain, need, manner)}
        </p>
      )}
    </section>
  )
}
