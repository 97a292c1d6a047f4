import { object, type InferType } from 'yup'
import { CROPS } from '../../../core/crop'
import { SOILS, type Manner, type SoilTexture } from '../../../core/facts'
import {
  cycleAndSoak,
  irrigationMinutes,
  plainWater,
  USUAL_AGES,
  USUAL_DAYS,
  type PlainWater,
} from '../../../core/watering'
import type { Sound } from '../../../wording/check-form'
import { choiceField, decimalField, quantityField, wholeField } from '../../../wording/fields'
import { sayCount, sayNumber } from '../../../wording/say'
import { sayCans, sayLitres, saySoaking } from '../../../wording/watering'
import { inEither } from '../../../wording/either'

export const keysOf = <Key extends string>(table: Record<Key, unknown>) => Object.keys(table) as Key[]

export const flowField = (manner: Manner) =>
  quantityField('volume', manner, { low: 0.1, high: 50, how: 'measure one with a cup' })

export const byHandSchema = (manner: Manner) =>
  object({
    kind: choiceField(['pot', 'bed'] as const, 'what it is'),
    crop: choiceField(CROPS, 'what grows in it'),
    volume: quantityField('volume', manner, { low: 0.1, high: 5000 }),
    plants: wholeField(1, 50, 'how many plants'),
    area: quantityField('area', manner, { low: 0.05, high: 100_000 }),
    soil: choiceField(SOILS, 'the soil'),
    depth: quantityField('length', manner, { low: 0.05, high: 2 }),
    age: choiceField(keysOf(USUAL_AGES), 'how old the plants are'),
    day: choiceField(keysOf(USUAL_DAYS), 'what day it is'),
    emitters: wholeField(1, 100_000, 'how many emitters'),
    /** L per hour. */
    flow: flowField(manner),
    /** In which the hose fills a bucket. */
    seconds: decimalField(1, 3600),
  })

export function usualByHand(manner: Manner) {
  return {
    kind: 'pot',
    crop: 'tomato',
    volume: inEither(manner, '20 L', '5 gal'),
    plants: '1',
    area: inEither(manner, '4 m²', '40 ft²'),
    soil: 'loam',
    depth: inEither(manner, '45 cm', '18 in'),
    age: 'grown',
    day: 'warm',
    emitters: '8',
    flow: inEither(manner, '2 L', '0.5 gal'),
    seconds: '40',
  }
}

/** L. */
export const BUCKET = { metric: 10, us: 9.46352946 }

/** What one pot or bed takes on one day; null: a size is not sound. */
export function waterByHand(
  values: Sound<InferType<ReturnType<typeof byHandSchema>>>['values'],
  manner: Manner,
): {
  answer: string
  more: string
  drip: { minutes: string; how: string; turns: string | null } | null
  hose: string | null
} | null {
  const { kind, crop, volume, plants, area, soil, depth, age, day, emitters, flow, seconds } = values
  if (crop === null || age === null || day === null) return null
  const { canopy, closed } = USUAL_AGES[age]
  let water: PlainWater
  if (kind === 'pot') {
    if (volume === null || plants === null) return null
    water = plainWater(crop, { litres: volume, plants, canopy }, USUAL_DAYS[day])
  } else {
    if (area === null || soil === null || depth === null) return null
    water = plainWater(crop, { area, soil, depth, canopy: closed }, USUAL_DAYS[day])
  }
  const { need, readily, holds, untilSlow, untilLimp } = water
  const litres = (value: number) => sayLitres(value, manner)
  const often = untilSlow < 1 ? '. Water it twice on such a day, early and in the afternoon' : ''
  return {
    answer: `${litres(need)} per day: ${litres(readily)} every ${sayLasting(untilSlow, manner)}`,
    more: `${sayCans(readily, manner)} at a time. Fully watered it holds ${litres(holds)}. Growth slows after ${sayLasting(untilSlow, manner)}, and leaves go limp after ${sayLasting(untilLimp, manner)}${often}.`,
    drip:
      emitters !== null && flow !== null
        ? {
            minutes: `${sayNumber(irrigationMinutes({ litres: readily, emitters, flow }), manner, 0)} min`,
            how: `${litres(readily)} ÷ ${emitters} × ${litres(flow)}/h`,
            turns:
              kind === 'bed' && area && soil
                ? turnsOf({ litres: readily, emitters, flow, area, soil }, manner)
                : null,
          }
        : null,
    hose: seconds === null ? null : `${sayNumber((readily / BUCKET[manner.units]) * seconds, manner, 0)} s`,
  }
}

/** How drip is run on a bed that takes it in slowly. */
function turnsOf(
  run: { litres: number; emitters: number; flow: number; area: number; soil: SoilTexture },
  manner: Manner,
): string | null {
  const turns = cycleAndSoak({ depth: run.litres / run.area, minutes: irrigationMinutes(run) }, run.soil)
  return turns && saySoaking(turns, manner)
}

/** `7 hours`, `1 day`, `2.5 days`. */
const sayLasting = (days: number, manner: Manner) =>
  days < 1
    ? sayCount(Math.max(1, Math.round(days * 24)), 'hour')
    : days < 1.95
      ? '1 day'
      : `${sayNumber(days, manner, days < 10 ? 1 : 0)} days`
