import { object } from 'yup'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { quantityField, wholeField } from '../../wording/fields'

/** A young plant as measured on planting day, m. */
export interface Measures {
  height: number
  leaves: number
  rootBall: number
  soilDepth: number
}

export type TypedMeasures = Record<keyof Measures, string>

const USUAL: Record<Crop, Omit<Measures, 'soilDepth'>> = {
  tomato: { height: 0.3, leaves: 8, rootBall: 0.09 },
  pepper: { height: 0.2, leaves: 9, rootBall: 0.08 },
}

export function usualMeasures(crop: Crop, soilDepth: number): Measures {
  return { ...USUAL[crop], soilDepth }
}

export function typedMeasures(
  { height, leaves, rootBall, soilDepth }: Measures,
  manner: Manner,
): TypedMeasures {
  const text = (value: number) => formatMeasure({ kind: 'length', value }, manner).replaceAll('\u00a0', ' ')
  return {
    height: text(height),
    leaves: String(leaves),
    rootBall: text(rootBall),
    soilDepth: text(soilDepth),
  }
}

export function measuresSchema(manner: Manner) {
  return object({
    height: quantityField('length', manner, { low: 0.03, high: 1.5 }),
    leaves: wholeField(1, 40, 'how many true leaves it has'),
    rootBall: quantityField('length', manner, { low: 0.02, high: 0.6 }),
    soilDepth: quantityField('length', manner, { low: 0.05, high: 2 }),
  })
}

/** † A leaf's share of the stem: the lowest a tenth up, the top one just under the tip. */
const LOWEST_LEAF = 0.1
const TOP_LEAF = 0.93

/** Where the leaves of a plant of this height stand when they are evenly spaced, m, lowest first. */
export function leafHeightsOf({ height, leaves }: Pick<Measures, 'height' | 'leaves'>): number[] {
  return Array.from(
    { length: leaves },
    (_, index) => height * (LOWEST_LEAF + ((TOP_LEAF - LOWEST_LEAF) * index) / Math.max(1, leaves - 1)),
  )
}
