import type { IsoDate } from '../calendar'
import type { Cultivar, Training } from '../crop'

/** A named cultivar as the garden keeps it. */
export interface GardenCultivar extends Cultivar {
  id: string
  name: string
  notes: string
}

export const SPACING_SCHOOLS = ['tight', 'standard', 'roomy'] as const
export type SpacingSchool = (typeof SPACING_SCHOOLS)[number]

export const SUPPORTS = ['stake', 'cage', 'weave', 'string', 'panel', 'none'] as const
export type Support = (typeof SUPPORTS)[number]

export const RAISING_WAYS = ['plug', 'plant', 'big-plant', 'direct', 'bought'] as const
/** A young plug, a usual plant, a bigger one in its own pot, seed sown where it grows, or a plant raised elsewhere. */
export type RaisingWay = (typeof RAISING_WAYS)[number]

/** Plants of one cultivar raised together for one place. */
export interface Planting {
  id: string
  cultivarId: string
  placeId: string
  /** The season it belongs to: the year in which that season starts. */
  season: number
  /** Plants wanted in the end. */
  count: number
  training: Training
  support: Support
  spacingSchool: SpacingSchool
  /** Share of seeds that come up, and of seedlings that live to be set out, 0–1. */
  germination: number
  survival: number
  raising: RaisingWay
  /** The days the grower means to sow and to set out; null: when the season says. */
  plannedSow: IsoDate | null
  plannedSetOut: IsoDate | null
  /** The gardener's own distances in the row and between lines or rows, m; null: as advised. */
  ownInRow: number | null
  ownLines: number | null
  /** How wide its own cages are, m; null: as usual. */
  ownCage: number | null
  /** Of grafted plants: where the union is above the soil of their pot, m; null: not grafted, or not known. */
  unionHeight: number | null
}

/** One stem in the ground or pot, m from the place's south-west corner. */
export interface PlantPosition {
  id: string
  plantingId: string
  label: string
  x: number
  y: number
  /** First and last day on which it stands there; null: without end. */
  from: IsoDate | null
  to: IsoDate | null
}

/** Shares of seeds that come up and of seedlings that live, where nobody has said otherwise. */
export const USUAL_SEED = { germination: 0.85, survival: 0.9 }
