import type { Manner } from '../../core/facts'
import type { TrialMeasure } from '../../core/trial'
import { quantile } from '../../core/random'
import { inEither } from '../../wording/either'
import { SQUARE_FOOT } from '../../wording/trials'

/** The present way first. */
export const WAY_COLOURS = [
  'var(--color-frost)',
  'var(--color-primary)',
  'var(--color-stake)',
  'var(--color-water)',
]

const POUNDS = 2.20462

/** In what a garden reads masses of a trial, and how many of it a kg is. */
export function massUnit(manner: Manner, measure: TrialMeasure) {
  const plantMass = inEither(manner, 'kg', 'lb')
  const plant = manner.units === 'us' ? POUNDS : 1
  const isArea = measure === 'area'
  return {
    name: isArea ? inEither(manner, 'kg per m²', 'lb per square foot') : `${plantMass} per plant`,
    scale: isArea && manner.units === 'us' ? plant * SQUARE_FOOT : plant,
    plant,
    plantMass,
    plantName: `${plantMass} per plant`,
  }
}

/** The middle season and those that 8 of 10 lie between. */
export const spreadOf = (values: readonly number[]) => ({
  low: quantile(values, 0.1),
  middle: quantile(values, 0.5),
  high: quantile(values, 0.9),
})

/** A round step that lays values out in about so many bins. */
export function stepOf(least: number, most: number, bins: number): number {
  const raw = Math.max(1e-6, (most - least) / bins)
  const power = 10 ** Math.floor(Math.log10(raw))
  const found = [1, 2, 2.5, 5, 10].find((one) => one * power >= raw)!
  return found * power
}

/** How many values lie in each bin, by its middle, between the least and the most. */
export function binned(values: readonly number[], step: number): Map<number, number> {
  const counts = new Map<number, number>()
  for (const value of values) {
    const bin = Math.floor(value / step)
    counts.set(bin, (counts.get(bin) ?? 0) + 1)
  }
  return counts
}
