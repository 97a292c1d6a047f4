/**
 * † Working times, min: what a work takes once, and for each plant, seed, bay or can. Against: nothing yet; a
 * garden’s own times replace them.
 */
export const MINUTES = {
  sow: 8,
  sowSeed: 0.2,
  get: 20,
  look: 2,
  potUp: 5,
  potUpPlant: 1.5,
  harden: 4,
  readSoil: 2,
  setOut: 10,
  setOutPlant: 5,
  cover: 3,
  coverPlant: 0.5,
  pick: 3,
  pickPlant: 0.7,
  top: 1,
  clear: 4,
  tap: 2,
  can: 2,
  feed: 5,
  feedPlant: 1,
  tie: 0.5,
  suckers: 1,
  leaves: 1,
  tier: 1.5,
  lower: 2,
  tunnel: 2,
  shade: 4,
  shake: 0.1,
  scout: 1,
  scoutPlant: 0.2,
  follow: 3,
} as const

/** L in a can, and plants in a bay of a weave. */
export const CAN = 10
export const PLANTS_A_BAY = 2
