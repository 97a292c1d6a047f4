import { volume, waterDepth, type Measure } from '../quantity'
import type { WateredPlace } from './garden-water'

/** How far a place's water has fallen, and where growth slows. */
export interface WaterLevel {
  /** Shares of what the root zone holds for the plants, 0–1: left now, and left when growth slows. */
  left: number
  slows: number
  /** Water that is missing now, and that is missing when growth slows: a pot's in L, ground's as its depth. */
  short: Measure
  limit: Measure
}

/** A place's water on its day; null: it is not worked out. */
export function waterLevel({ place, water }: WateredPlace): WaterLevel | null {
  const state = water.states.at(-1)
  if (!state) return null
  const { taw, raw } = state
  const amount = (mm: number) => (place.pot ? volume(mm * water.course.area) : waterDepth(mm))
  return {
    left: Math.max(0, taw - water.depletion) / taw,
    slows: (taw - raw) / taw,
    short: amount(water.depletion),
    limit: amount(raw),
  }
}
