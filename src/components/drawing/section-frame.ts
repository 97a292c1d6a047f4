import type { Crop } from '../../core/crop'
import type { DepthAnswer } from '../../core/transplant'

/** A young plant as the section draws it, m. */
export interface SectionPlant {
  crop: Crop
  stemHeight: number
  leafHeights: readonly number[]
  rootBallDepth: number
  rootBallWidth: number
}

export interface SectionSoil {
  soilDepth: number
  temperatures: { depth: number; temperature: number }[]
  /** Roots stand still below this, °C. */
  warmLimit: number
}

/** The drawing's size and where the stem stands in it, px. */
export const WIDTH = 520
export const HEIGHT = 660
export const STEM_X = 250

/** What every part of the section is drawn from; `ground` in px, `px` from m. */
export interface Part {
  plant: SectionPlant
  answer: DepthAnswer
  ground: number
  px: (metres: number) => number
}

/** Where the root ball of a laid plant begins, px. */
export const trenchStart = (answer: DepthAnswer, px: (metres: number) => number) =>
  STEM_X + 14 - px(answer.trenchLength ?? 0)
