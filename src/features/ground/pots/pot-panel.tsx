'use client'

import { Cautions, PartHeading, Why } from '../../../components/advice/why'
import { potLasts } from '../../../core/watering'
import { potAdvice, potVolume, RECIPE_PARTS, wetMass } from '../../../core/containers'
import { potOf, type Place } from '../../../core/facts'
import { sayCautions } from '../../../wording/cautions'
import { nameOf } from '../../../wording/names'
import { sayCount, sayMeasure, sayNumber } from '../../../wording/say'
import { sayReason, sayReasons } from '../../../wording/say-reason'
import type { PlaceView } from '../place/queries'

/** A pot: what it holds, whether that is enough, what it weighs, and how long it lasts between waterings. */
export function PotPanel({ view, place }: { view: PlaceView; place: Place }) {
  const { manner, cultivars, plantings, et0, canopies } = view
  const { filled } = potVolume(potOf(place)!)
  const cultivar = cultivars.find(({ id }) => id === plantings[0]?.cultivarId) ?? cultivars[0]
  if (!cultivar) return null
  const advice = potAdvice(cultivar, filled, place.pot!.selfWatering)
  const own = canopies.map(({ width, grown }) => ({ crop: cultivar.crop, canopy: width, grown }))
  const now = potLasts({ litres: filled, plants: own }, et0.today)
  const heat = potLasts(
    { litres: filled, plants: own.map(({ crop, grown }) => ({ crop, canopy: grown })) },
    et0.heat,
  )
  const mass = wetMass({ litres: filled, parts: RECIPE_PARTS['bark-base'], plants: own.map(() => cultivar) })
  const other = advice.alternatives[0]!
  const days = (value: number) => {
    if (value === Infinity) return 'as long as nothing grows'
    if (value < 1) return sayCount(Math.max(1, Math.round(value * 24)), 'hour')
    const said = sayNumber(value, manner)
    return `${said} ${said === '1' ? 'day' : 'days'}`
  }
  return (
    <section aria-label="The pot" className="space-y-3">
      <PartHeading>The pot</PartHeading>
      <Why heading={`For ${cultivar.name}`} reasons={sayReasons(advice.reasons, manner)} />
      {own.length > 0 && (
        <p data-testid="pot-lasts">
          When full, it lasts <strong>{days(now.untilSlow)}</strong> before growth slows on a day like today,
          when it uses {sayMeasure({ kind: 'volume', value: now.need }, manner)}. Full-grown in a heat wave it
          lasts <strong>{days(heat.untilSlow)}</strong>, and leaves go limp after {days(heat.untilLimp)}.
        </p>
      )}
      <p>
        Soaked and with plants in fruit, it weighs about{' '}
        <strong>{sayMeasure({ kind: 'mass', value: mass }, manner)}</strong>.
      </p>
      <p className="text-quiet">
        Another way: {nameOf(other.school).toLowerCase()},{' '}
        {sayMeasure({ kind: 'volume', value: other.answer.least }, manner)} per plant are enough:{' '}
        {sayReason(other.gains[0]!, manner)}; but {sayReason(other.costs[0]!, manner)}.
      </p>
      <Cautions texts={sayCautions(advice.cautions, manner)} />
    </section>
  )
}
