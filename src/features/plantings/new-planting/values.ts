import type { Manner } from '../../../core/facts'
import { USUAL_SIZE } from '../../../core/ground'
import { inEither } from '../../../wording/either'

/** Chosen in place of a cultivar: one that is told here. */
export const NEW = 'new'

/** Kinds of place that can be made with a planting, as they are chosen in place of one that is there. */
export const NEW_PLACES = ['container', 'bed', 'rows', 'tunnel'] as const
export type NewPlaceKind = (typeof NEW_PLACES)[number]
export const newOf = (kind: NewPlaceKind) => `new:${kind}`

/** The kind of new place that was chosen; null: it is there already. */
export const kindChosen = (place: string): NewPlaceKind | null =>
  NEW_PLACES.find((kind) => newOf(kind) === place) ?? null

/** Chosen in place of a cultivar: a typical one by its key. */
export const typicalOf = (key: string) => `typical:${key}`

/** Chosen in place of a way to lay plants: that of each place. */
export const AS_USUAL = 'usual'

/** How a planting begins. */
export const BEGINNINGS = ['seed', 'seed-in-place', 'bought', 'growing'] as const
export type Beginning = (typeof BEGINNINGS)[number]

export const GOT = ['now', 'later'] as const

/** So many plants in a place, or in each of some new ones. */
export interface SpotValues {
  place: string
  /** Of new places: how many, and what they are called; a pot's volume; sizes. */
  many: string
  name: string
  litres: string
  length: string
  width: string
  count: string
  /** `yes`: plant more than fit. */
  anyway: string
}

export interface PlantingValues {
  spots: SpotValues[]
  cultivar: string
  /** `yes`: like the one chosen, but for what is typed. */
  differs: string
  cultivarName: string
  crop: string
  habit: string
  fruit: string
  daysToMaturity: string
  maturityFrom: string
  ripeColour: string
  grafted: string
  unionHeight: string
  begins: string
  sownOn: string
  /** Whether bought plants are here already. */
  got: string
  potVolume: string
  height: string
  leaves: string
  carries: string
  since: string
  watered: string
  season: string
  ownInRow: string
  ownLines: string
  ownCage: string
  training: string
  support: string
  spacingSchool: string
  laying: string
  germination: string
  survival: string
}

/** A new place as large as most of its kind are, as it is typed. */
function usualSizes(
  kind: NewPlaceKind,
  manner: Pick<Manner, 'units'>,
): Pick<SpotValues, 'litres' | 'length' | 'width'> {
  if (kind === 'container') return { litres: inEither(manner, '40 L', '10 gal'), length: '', width: '' }
  const feet = (metres: number) => `${Math.round(metres / FOOT)} ft`
  const { length, width } = USUAL_SIZE[kind]
  return {
    litres: '',
    length: inEither(manner, `${length} m`, feet(length)),
    width: inEither(manner, `${width} m`, feet(width)),
  }
}
const FOOT = 0.3048

/** A spot: in a place that is there, or in a new one as large as most of its kind are. */
export function firstSpot(place: string, count: string, manner: Pick<Manner, 'units'>): SpotValues {
  const kind = kindChosen(place)
  const size = kind ? usualSizes(kind, manner) : { litres: '', length: '', width: '' }
  return { place, many: '1', name: '', ...size, count, anyway: '' }
}
