import { object, type InferType } from 'yup'
import type { Manner } from '../../../core/facts'
import { headPressure, waterButt } from '../../../core/watering'
import { quantityField } from '../../../wording/fields'
import { sayLength, sayNumber } from '../../../wording/say'
import { sayLitres } from '../../../wording/watering'
import { inEither } from '../../../wording/either'

const MOST_LITRES = 100_000

export const buttSchema = (manner: Manner) =>
  object({
    /** From above, m². */
    roof: quantityField('area', manner, { low: 0, high: 100_000 }),
    holds: quantityField('volume', manner, { low: 0, high: MOST_LITRES }),
  })

export const usualButt = (manner: Manner) => ({
  roof: inEither(manner, '20 m²', '200 ft²'),
  holds: inEither(manner, '200 L', '60 gal'),
})

/** How far a full butt carries. @param rain of the days ahead, mm @param need of all places, L a day */
export function carriedBy(
  { roof, holds }: InferType<ReturnType<typeof buttSchema>>,
  rain: readonly number[],
  need: number,
  manner: Manner,
): string {
  const { level, caught, over } = waterButt(
    { roof, holds, starts: holds },
    rain.map((mm) => ({ rain: mm, need })),
  )
  const empty = level.findIndex((litres) => litres <= 0)
  const lasts =
    empty < 0
      ? 'lasts the next two weeks'
      : empty === 0
        ? 'is empty within the day'
        : `is empty after ${empty + 1} days`
  const lost = over > 1 ? `, of which ${sayLitres(over, manner)} overflow` : ''
  return `All places use ${sayLitres(need, manner)} per day now. If it is full today, it ${lasts}. From the rain to come it catches ${caught < 0.5 ? 'nothing' : sayLitres(caught, manner)}${lost}. ${sayLength(1, manner)} of water over the line gives ${sayNumber(headPressure(1), manner)} kPa: too little for most drip emitters.`
}
