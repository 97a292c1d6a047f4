'use client'

import { PlantSection } from '../../components/drawing/plant-section'
import type { UnitSystem } from '../../core/quantity'
import type { Example } from './example'

/** m from the stem. */
const STAKE = 0.1

/** What Prairie works out, shown on one plant. */
export function ExamplePart({
  example: { input, answer, warmLimit },
  units,
}: {
  example: Example
  units: UnitSystem
}) {
  return (
    <figure className="mt-5">
      <div className="mx-auto aspect-[520/660] max-h-[60vh]">
        <PlantSection
          plant={input}
          soil={{ soilDepth: input.soilDepth, temperatures: input.soilTemperatures, warmLimit }}
          answer={answer}
          stake={STAKE}
          manner={{ units, decimals: 'point', dates: 'day-first' }}
        />
      </div>
      <figcaption className="mt-3 text-lg">
        An example: a tomato plant in warm soil. Prairie works out the day, the depth, the spacing and the
        support for each of your plants. Then it says what to do each day, and why.
      </figcaption>
    </figure>
  )
}
