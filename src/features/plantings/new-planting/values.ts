/** Chosen in place of an existing cultivar or place: a new one. */
export const NEW = 'new'

export interface PlantingValues {
  place: string
  placeName: string
  placeKind: string
  placeLength: string
  placeWidth: string
  cultivar: string
  cultivarName: string
  crop: string
  habit: string
  fruit: string
  daysToMaturity: string
  maturityFrom: string
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
  count: string
  ownInRow: string
  ownLines: string
  /** `yes`: plant more than fit. */
  anyway: string
  training: string
  support: string
  spacingSchool: string
  laying: string
  germination: string
  survival: string
}

/** How a planting begins. */
export const BEGINNINGS = ['seed', 'seed-in-place', 'bought', 'growing'] as const
export type Beginning = (typeof BEGINNINGS)[number]

export const GOT = ['now', 'later'] as const

export const NEW_PLACES = ['bed', 'rows', 'container', 'tunnel'] as const
