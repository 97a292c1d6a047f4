import type { Crop } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { USUAL_PLANT } from '../../../core/transplant'
import { convertToSi, formatMeasure, parseQuantity } from '../../../core/quantity'

/** A young plant as measured on planting day, m. */
export interface Measures {
  height: number
  leaves: number
  rootBall: number
  soilDepth: number
}

export type TypedMeasures = Record<keyof Measures, string>

/** What the plants of a crop last measured, else the usual; soil as the place has it. */
export function firstMeasures(
  crop: Crop,
  last: Omit<Measures, 'soilDepth'> | null,
  soilDepth: number,
): Measures {
  return { ...(last ?? USUAL_PLANT[crop]), soilDepth }
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

/** A step of a tap: a centimetre or half an inch, and of the soil as much again. */
const STEP = { metric: 0.01, us: convertToSi(0.5, 'length', 'in') } as const

/** A measure one step up or down, as it is typed; null where what stands there is no measure. */
export function stepped(name: keyof Measures, typed: string, by: 1 | -1, manner: Manner): string | null {
  if (name === 'leaves') return /^\d+$/.test(typed.trim()) ? String(Math.max(1, Number(typed) + by)) : null
  const parsed = parseQuantity(typed, 'length', manner.units)
  if ('error' in parsed) return null
  const size = STEP[manner.units] * (name === 'soilDepth' ? 2 : 1)
  const value = Math.max(size, Math.round(parsed.value / size + by) * size)
  return formatMeasure({ kind: 'length', value }, manner).replaceAll('\u00a0', ' ')
}
