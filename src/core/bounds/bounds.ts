/**
 * What can be true of a garden's facts: lowest and highest. What is kept is checked by these, and what is worked out
 * from it must stand everything within them.
 */
export type Bounds = readonly [low: number, high: number]

/** ° north, ° east, m above the sea. */
export const SITE_BOUNDS = {
  latitude: [-90, 90],
  longitude: [-180, 180],
  elevation: [-430, 6000],
} as const satisfies Record<string, Bounds>

/** m, °, L/h; of ground that is planted. */
export const PLACE_BOUNDS = {
  spot: [-10_000, 10_000],
  side: [0.1, 1000],
  turn: [-360, 360],
  height: [0.1, 20],
  soilDepth: [0.05, 5],
  emitterSpacing: [0.05, 10],
  along: [0, 1000],
  emitterFlow: [0.05, 200],
} as const satisfies Record<string, Bounds>
/** m that a gardener may set plants apart. */
export const SPACING_BOUNDS: Bounds = [0.05, 10]
/** m across a cage; m of a graft union above the soil of its pot. */
export const CAGE_BOUNDS: Bounds = [0.15, 2]
export const UNION_BOUNDS: Bounds = [0.01, 1]
/** m² of one place: what is larger is entered in parts. */
export const MOST_AREA = 10_000
/** Drip lines of one place. */
export const MOST_DRIP_LINES = 200

/** m inside; of a pot, and what such pots hold, L. */
export const POT_BOUNDS = {
  across: [0.05, 3],
  height: [0.05, 2],
  litres: [0.01, 20_000],
} as const satisfies Record<string, Bounds>

/** °C, mm, °C, m/s at 2 m, MJ m⁻² d⁻¹; of one day. */
export const WEATHER_BOUNDS = {
  tmin: [-70, 45],
  tmax: [-60, 60],
  rain: [0, 2000],
  dewPoint: [-70, 40],
  wind: [0, 60],
  solar: [0, 45],
} as const satisfies Record<string, Bounds>

export const SEASON_BOUNDS: Bounds = [1901, 2398]

/** New places, and plants, of one form. */
export const MOST_NEW_PLACES = 60
export const MOST_PLANTS_AT_ONCE = 2000

/** Plants of one planting. */
export const MOST_PLANTS = 10_000

/** Shares of seeds that come up and of seedlings that live. */
export const SEED_SHARE: Bounds = [0.01, 1]
