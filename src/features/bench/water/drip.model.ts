import { object, type InferType } from 'yup'
import type { Manner } from '../../../core/facts'
import { dripDesign, EMITTER_REACH, LONGEST_LINE, type DripDesign } from '../../../core/watering'
import { orNothing, quantityField, wholeField } from '../../../wording/fields'
import { sayCount, sayLength, sayNumber } from '../../../wording/say'
import { sayDepth, sayLitres } from '../../../wording/watering'
import { flowField } from './by-hand.model'
import { inEither } from '../../../wording/either'

export const dripSchema = (manner: Manner) => {
  const length = (low: number, high: number) => quantityField('length', manner, { low, high })
  return object({
    length: length(0.2, 200),
    width: length(0.1, 20),
    lines: wholeField(1, 20, 'how many lines'),
    every: length(0.02, 5),
    /** L per hour. */
    flow: flowField(manner),
    apart: length(0.05, 5),
    /** Of water over the line; null: from the main. */
    head: orNothing(length(0, 50)),
  })
}
export type DripValues = InferType<ReturnType<typeof dripSchema>>

export function usualDrip(manner: Manner) {
  return {
    length: inEither(manner, '4.8 m', '16 ft'),
    width: inEither(manner, '1.2 m', '4 ft'),
    lines: '2',
    every: inEither(manner, '30 cm', '12 in'),
    flow: inEither(manner, '2 L', '0.5 gal'),
    apart: inEither(manner, '45 cm', '18 in'),
    head: '',
  }
}

const warningsIn = (manner: Manner): Record<DripDesign['warnings'][number], string> => ({
  'no-emitter': 'No emitter is in this bed. Set them closer, or use a longer line.',
  'dry-plants': `Some plants are more than ${sayLength(EMITTER_REACH, manner)} from an emitter. Match the spacing to the plants, or add a line.`,
  'low-pressure':
    'A barrel this low makes most emitters give less than their rating, and unevenly. Choose emitters made for gravity, raise the barrel, or measure each end with a cup.',
  'long-line': `Over ${sayLength(LONGEST_LINE, manner)} of line, the last emitters give less. Feed the line from the middle.`,
})

/** A drip set laid out, and what it gives. */
export function dripSet(values: DripValues, manner: Manner) {
  const { length, width, flow, head } = values
  const set = layOut(values)
  const design = dripDesign(
    { lines: set.lines, flow },
    { plants: set.plants, area: length * width, head: head ?? null },
  )
  const { emitters, dry, rate, pressure } = design
  const missed = dry > 0 ? `, ${dry} of ${sayCount(set.plants.length, 'plant')} miss one` : ''
  const pressed = pressure === null ? '' : ` The barrel’s pressure is ${sayNumber(pressure, manner)} kPa.`
  return {
    ...set,
    answer: `${sayCount(emitters, 'emitter')}, ${sayLitres(design.flow, manner)} per hour${missed}`,
    more: `That is ${sayDepth(rate, manner)} of water per hour over the bed, or ${sayNumber(600 / rate, manner, 0)} min for ${sayDepth(10, manner)}.${pressed}`,
    warnings: design.warnings.map((warning) => warningsIn(manner)[warning]),
  }
}

/** Lines evenly across the bed, each with its row of plants beside it, m. */
function layOut({ length, width, lines, every, apart }: DripValues) {
  const ys = Array.from({ length: lines }, (_, row) => ((row + 0.5) * width) / lines)
  const along = (step: number) =>
    Array.from(
      { length: Math.floor((length - step / 2) / step + 1e-9) + 1 },
      (_, at) => step / 2 + at * step,
    ).filter((x) => x < length)
  const [drips, stems] = [along(every), along(apart)]
  return {
    lines: ys.map((y) => drips.map((x) => ({ x, y }))),
    plants: ys.flatMap((y) => stems.map((x) => ({ x, y }))),
  }
}
