import { fruitSet } from '../climate'
import type { GrowthDay } from './growth-days'
import type { Leaf, Sucker, Truss } from './plant'
import type { PlantTraits } from './plant-traits'
import type { TrussSeen } from './told'

/** Length of a sucker that grows as a stem from then on, m. */
export const SHOOT_LENGTH = 0.05

/** † An old leaf yellows and dries up over so many °C d. Against: nothing measured yet. */
const DRIES = 300

/** A leaf so old, °C d, that grew a share of what it could; `taken`: when it was cut off. */
export function leafOf(
  traits: PlantTraits,
  { now, age, vigour }: { now: number; age: number; vigour: number },
  taken: number,
  isSick: boolean,
): Leaf {
  if (taken <= now) return NO_LEAF
  return {
    state: isSick ? 'sick' : age < traits.leafGrows ? 'expanding' : age < traits.leafAges ? 'grown' : 'old',
    area:
      traits.leafArea *
      vigour *
      Math.min(1, Math.max(0, age / traits.leafGrows)) *
      Math.max(0, 1 - Math.max(0, age - traits.leafAges) / DRIES),
  }
}
export const NO_LEAF: Leaf = { state: 'removed', area: 0 }

/** A sucker that shows from some °C d on; it grows out where its stem's order lets it. */
export function suckerOf(
  { toShoot }: PlantTraits,
  now: number,
  shows: number,
  growsOut: boolean,
  taken: number,
  kept: boolean,
): Sucker {
  if (taken <= now) return NO_SUCKER
  if (shows > now) return { state: 'dormant', length: 0, stem: null, kept }
  const grown = Math.min(1, (now - shows) / toShoot)
  const isShoot = grown >= 1 && growsOut
  return { state: isShoot ? 'shoot' : 'bud', length: SHOOT_LENGTH * grown, stem: null, kept }
}
export const NO_SUCKER: Sucker = { state: 'removed', length: 0, stem: null, kept: false }

/**
 * A truss that opens at some °C d; what sets hangs on the days on which it is open, unless the grower has seen it.
 *
 * @param lost flowers and fruit taken off singly
 * @param dayAt the day that so many °C d reach: its weather and how well the plant is off let flowers set
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
  const share = traits.bestSet * setWhileOpen(traits, opens, dayAt)
  const set = Math.max(0, (seen?.set ?? Math.min(flowers, Math.round(traits.flowers * share))) - lost.fruit)
  if (seen?.picked) return { ...as('picked', set), ripeness: 1 }
  if (seen?.failed) return as('failed')
  if (now - opens < traits.openFor) return as('open')
  if (set === 0) return as('failed')
  return as(ripeness >= 1 ? 'ripe' : 'swelling', set)
}

/** Flowers of a truss open one after the other: of its days, so many are looked at. */
const LOOKS = 3

/** Share of the best set on the days on which a truss is open, 0–1. */
function setWhileOpen(
  { openFor, crop, heatShift }: PlantTraits,
  opens: number,
  dayAt: (degreeDays: number) => GrowthDay | undefined,
): number {
  let [sum, seen] = [0, 0]
  for (let look = 0; look < LOOKS; look++) {
    const day = dayAt(opens + (look * openFor) / (LOOKS - 1))
    if (!day) continue
    sum += fruitSet({ nightMinimum: day.tmin, dayMaximum: day.tmax }, crop, heatShift) * (day.set ?? 1)
    seen++
  }
  return seen === 0 ? 0 : sum / seen
}
