import { typedNumber } from '../../../wording/say'
import { array, object, string, type InferType } from 'yup'
import {
  blendAnalysis,
  RELEASES,
  solveBlend,
  type BlendProduct,
  type Product,
  type Release,
} from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import { soundOf } from '../../../wording/check-form'
import { choiceField, decimalField, quantityField } from '../../../wording/fields'
import { sayMass, sayNumber, sayVolume } from '../../../wording/say'

export const MOST_BAGS = 6
const MOST_LITRES = 1000
/** From this distance of unit vectors on, a ratio is not met. */
const MET = 0.03

/** A bag as it is typed. */
export interface TypedBag {
  name: string
  n: string
  p2o5: string
  k2o: string
  density: string
  volume: string
  release: Release
}

/** A product as a bag. */
export const bagOf = (product: Product, volume: string, manner: Manner): TypedBag => ({
  name: product.name,
  n: typedNumber(product.n, manner),
  p2o5: typedNumber(product.p2o5, manner),
  k2o: typedNumber(product.k2o, manner),
  density: typedNumber(product.bulkDensity, manner),
  volume,
  release: product.release,
})

const percent = () => decimalField(0, 100)
const analysisFields = {
  name: string().default(''),
  release: choiceField(RELEASES, 'how it releases its nutrients'),
  n: percent(),
  p2o5: percent(),
  k2o: percent().test('sum', 'Over 100 % together.', function (k2o) {
    const { n, p2o5 } = this.parent as { n: number; p2o5: number }
    return !(n + p2o5 + (k2o ?? 0) > 100)
  }),
  /** g/mL. */
  density: decimalField(0.05, 5),
}
const analysisSchema = object(analysisFields)

const RATIO = /^\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*$/

export const blendSchema = (manner: Manner) =>
  object({
    bags: array(
      object({
        ...analysisFields,
        volume: quantityField('volume', manner, {
          low: 0,
          high: MOST_LITRES,
          bareUnit: manner.units === 'us' ? 'cup' : 'ml',
        }),
      }),
    ).required(),
    ratio: string()
      .default('')
      .test('ratio', 'Such as 3-1-4.', (text) => readRatio(text) !== null),
    /** g. */
    nitrogen: decimalField(0.1, 100_000),
  })
type BlendValues = InferType<ReturnType<typeof blendSchema>>
type Bag = BlendValues['bags'][number]

/** `3-1-4`, `3:1:4`, `3 1 4`. */
export function readRatio(text: string): { n: number; p2o5: number; k2o: number } | null {
  const [n, p2o5, k2o] = (RATIO.exec(text) ?? []).slice(1).map((part) => Number(part.replace(',', '.')))
  return n === undefined || n + p2o5! + k2o! === 0 ? null : { n, p2o5: p2o5!, k2o: k2o! }
}

/** What came out of mixing. */
export interface Blend {
  /** g. */
  mass: number
  n: number
  p2o5: number
  k2o: number
  answer: string | null
  holds: string | null
  lines: string[]
  sum: string
}

/** What the bags make together; `mass` 0: nothing is in it yet. */
export function blendOf(bags: readonly Bag[], manner: Manner): Blend {
  const say = (value: number, digits?: number) => sayNumber(value, manner, digits)
  const { mass, n, p2o5, k2o } = blendAnalysis(
    bags.map((bag) => ({ product: productOf(bag), volume: bag.volume * 1000 })),
  )
  const lines = bags.map((bag) => {
    const volume = bag.volume * 1000
    const grams = volume * bag.density
    const part = (share: number) => say((grams * share) / 100)
    return `${bag.name || 'Bag'}: ${say(volume, 0)} mL × ${say(bag.density, 3)} g/mL = ${say(grams, 0)} g; N ${part(bag.n)} g, P₂O₅ ${part(bag.p2o5)} g, K₂O ${part(bag.k2o)} g`
  })
  const spoken = (grams: number) => sayMass(grams / 1000, manner)
  return {
    mass,
    n,
    p2o5,
    k2o,
    answer: mass > 0 ? `${spoken(mass)} of ${say(n)} – ${say(p2o5)} – ${say(k2o)}` : null,
    holds: n > 0 ? `It holds ${spoken((mass * n) / 100)} of nitrogen.` : null,
    lines,
    sum: `In all ${say(mass, 0)} g: N ${say((mass * n) / 100)} g ÷ ${say(mass, 0)} g = ${say(n)} %, P₂O₅ ${say(p2o5)} %, K₂O ${say(k2o)} %`,
  }
}

const productOf = ({ n, p2o5, k2o, density }: Omit<Bag, 'volume'>): BlendProduct => ({
  n,
  p2o5,
  k2o,
  bulkDensity: density,
})

/**
 * The volumes that come nearest to a ratio, as they are typed, and how near.
 *
 * @param bags as typed; what their volumes say does not matter
 * @param nitrogen in all, g
 * @returns null: a bag's analysis is not sound
 */
export function solved(
  bags: readonly TypedBag[],
  ratio: { n: number; p2o5: number; k2o: number },
  nitrogen: number,
  manner: Manner,
): { volumes: string[] | null; said: string } | null {
  const read = bags.map((bag) => soundOf(analysisSchema, bag).all)
  if (read.some((bag) => bag === null)) return null
  const { volumes, residual } = solveBlend({
    products: read.map((bag) => productOf(bag!)),
    ratio,
    nitrogen,
  })
  if (volumes.every((volume) => volume === 0))
    return { volumes: null, said: 'None of these bags has nitrogen. Add one that does.' }
  const off = (Math.asin(Math.min(1, residual / 2)) * 2 * 180) / Math.PI
  return {
    volumes: volumes.map((millilitres) => sayVolume(millilitres / 1000, manner).replaceAll('\u00a0', ' ')),
    said:
      residual < MET
        ? 'These volumes give the ratio you asked for.'
        : `These bags cannot reach it. This is the nearest blend, ${sayNumber(off, manner, 0)}° off in the balance of N, P₂O₅ and K₂O. Add a bag would bring it closer.`,
  }
}

/** The blend as it is entered as fed: it gives its nutrients up as its slowest bag does. */
export function fedBlend(bags: readonly Bag[], { mass, n, p2o5, k2o }: Blend) {
  const release: Release = bags.some((bag) => bag.release === 'meal') ? 'meal' : bags[0]!.release
  const name = bags
    .map((bag) => bag.name)
    .filter(Boolean)
    .join(' + ')
    .slice(0, 80)
  return { name: name || 'Blend', grams: mass, n, p2o5, k2o, release }
}
