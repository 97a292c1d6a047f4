import type { Mulch } from '../climate'
import type { Cultivar, Training } from '../crop'
import type { SoilTexture } from '../facts'
import type { Release } from '../feeding'

/** What a plant's roots have: ground of a texture and depth, m; or a pot, L of mix and of a reservoir under it. */
export type RootRoom =
  | { kind: 'ground'; texture: SoilTexture; depth: number; raised: boolean }
  | { kind: 'pot'; litres: number; reservoir: number }

/**
 * How it is watered: `need`, when a share `at` of what is easily taken is gone, looked at every so many days, at the most
 * so many L; `fixed`, so many L every so many days, whatever the weather; or not at all after it was watered in.
 */
export type PlanWatering =
  | { by: 'need'; at: number; every: number; most: number }
  | { by: 'fixed'; litres: number; every: number }
  | { by: 'rain' }

/** N given to a plant, g, on a day from setting out. */
export interface PlanDose {
  day: number
  nitrogen: number
  release: Release
  /** Of what is coated, by its label. */
  days?: number
}

/** One way to grow one plant through a season. Days count from the season's start unless said. */
export interface SeasonPlan {
  cultivar: Cultivar
  training: Training
  /** When it goes out; null: it never does. */
  setOut: number | null
  /** °C d since it came up, on that day; whether it was hardened. */
  growth: number
  hardened: boolean
  /** m of stem that was buried with its root ball. */
  buried: number
  /** m² that it has to itself. */
  ground: number
  /** Share of the open sky's light, 0–1. */
  sun: number
  roots: RootRoom
  mulch: Mulch
  watering: PlanWatering
  /** Water falls on its leaves. */
  overhead: boolean
  /** Organic matter in the soil, %. */
  organicMatter: number
  feeds: readonly PlanDose[]
  /** Salt of the soil, dS/m of the saturated paste. */
  salinity: number
  /** m of stem that is kept clear over the soil; 0: none. */
  clearStem: number
  /** Days from setting out on which its flowers are pinched. */
  pinched: number
  /** Day on which its tips are taken; null: they grow on. */
  topped: number | null
  /** Days from setting out for which a cloth lies over it at night. */
  cloth: number
  /** Share of the sun that a cloth keeps off, 0–1. */
  shade: number
  /** Flowers are shaken where no wind comes. */
  shaken: boolean
  /** It was not tied: it leans as a bush does, or lies as what sprawls; it stands unless said. */
  untied?: 'leans' | 'lies'
  /** Picked as soon as it can be picked green. */
  green: boolean
  /** Day up to which it is known to have stood: no frost or disease takes it before; null: it stands not yet. */
  stoodTo: number | null
  /** Last day that it may stand; null: until frost takes it. */
  end: number | null
  /**
   * How it was grown before a day of the season, which may have begun otherwise again: from there on as said here. The feeds here are those of then and what
   * follows them; cultivar, roots and the day it was set out are the same.
   */
  earlier: { plan: SeasonPlan; to: number } | null
}

/** A plan and all that it was grown by before, the first way first. */
export function waysOf(plan: SeasonPlan): { plan: SeasonPlan; from: number }[] {
  const ways: { plan: SeasonPlan; from: number }[] = []
  for (let at: SeasonPlan | null = plan; at !== null; at = at.earlier?.plan ?? null)
    ways.unshift({ plan: at, from: at.earlier?.to ?? -Infinity })
  return ways
}
