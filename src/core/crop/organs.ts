import { fruitSet } from '../climate'
import type { GrowthDay } from './growth-days'
import type { Leaf, Sucker, Truss } from './plant'
import type { PlantTraits } from './plant-traits'
import type { TrussSeen } from './told'

/** † Leaves are old after so many °C d. */
const OLD = 1100
/** † A truss is open for so many °C d. */
export const OPEN_FOR = 60
/** † °C d until a sucker that shows is so long, m, and grows as a stem. */
export const TO_SHOOT = 60
export const SHOOT_LENGTH = 0.05

/** A leaf so old, °C d; `taken`: when it was cut off. */
export function leafOf(traits: PlantTraits, now: number, age: number, taken: number, isSick: boolean): Leaf {
  if (taken <= now) return NO_LEAF
  return {
    state: isSick ? 'sick' : age < traits.leafGrows ? 'expanding' : age < OLD ? 'grown' : 'old',
    area: traits.leafArea * Math.min(1, Math.max(0, age / traits.leafGrows)),
  }
}
export const NO_LEAF: Leaf = { state: 'removed', area: 0 }

/** A sucker that shows from some °C d on; it grows out where its stem's order lets it. */
export function suckerOf(
  now: number,
  shows: number,
  growsOut: boolean,
  taken: number,
  kept: boolean,
): Sucker {
  if (taken <= now) return NO_SUCKER
  if (shows > now) return { state: 'dormant', length: 0, stem: null, kept }
  const grown = Math.min(1, (now - shows) / TO_SHOOT)
  const isShoot = grown >= 1 && growsOut
  return { state: isShoot ? 'shoot' : 'bud', length: SHOOT_LENGTH * grown, stem: null, kept }
}
export const NO_SUCKER: Sucker = { state: 'removed', length: 0, stem: null, kept: false }

/**
 * A truss that opens at some °C d; what sets hangs on the day on which it opens, unless the grower has seen it.
 *
 * @param lost flowers and fruit taken off singly
 */
export function trussOf(
  traits: PlantTraits,
  now: number,
  opens: number,
  taken: number,
  seen: TrussSeen | null,
  lost: { flowers: number; fruit: number },
  dayAt: (degreeDays: number) => GrowthDay | undefined,
): Truss {
  const flowers = Math.max(0, Math.round(traits.flowers) - lost.flowers)
  const fused = (seen?.fused ?? false) && lost.flowers === 0
  const ripeness = opens > now ? 0 : Math.min(1, (now - opens) / traits.ripening)
  const as = (state: Truss['state'], set = 0): Truss => ({ state, flowers, set, ripeness, fused })
  if (taken <= now) return as('removed')
  if (opens > now) return as('buds')
  const day = dayAt(opens)
  const share = day
    ? traits.bestSet *
      fruitSet({ nightMinimum: day.tmin, dayMaximum: day.tmax }, traits.crop, traits.heatShift)
    : 0
  const set = Math.max(0, (seen?.set ?? Math.min(flowers, Math.round(traits.flowers * share))) - lost.fruit)
  if (seen?.picked) return { ...as('picked', set), ripeness: 1 }
  if (seen?.failed) return as('failed')
  if (now - opens < OPEN_FOR) return as('open')
  if (set === 0) return as('failed')
  return as(ripeness >= 1 ? 'ripe' : 'swelling', set)
}
