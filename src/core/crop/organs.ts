import { fruitSet } from '../climate'
import type { GrowthDay } from './growth-days'
import type { Leaf, Sucker, Truss } from './plant'
import type { PlantTraits } from './plant-traits'

/** † Leaves are old after so many °C d. */
const OLD = 1100
/** † A truss is open for so many °C d. */
const OPEN_FOR = 60
/** † °C d until a sucker that shows is so long, m, and grows as a stem. */
export const TO_SHOOT = 60
export const SHOOT_LENGTH = 0.05

/** A leaf so old, °C d; `taken`: when it was cut off. */
export function leafOf(traits: PlantTraits, now: number, age: number, taken: number): Leaf {
  if (taken <= now) return { state: 'removed', area: 0 }
  return {
    state: age < traits.leafGrows ? 'expanding' : age < OLD ? 'grown' : 'old',
    area: traits.leafArea * Math.min(1, Math.max(0, age / traits.leafGrows)),
  }
}

/** A sucker that shows from some °C d on; it grows out where its stem's order lets it. */
export function suckerOf(now: number, shows: number, growsOut: boolean, taken: number): Sucker {
  if (taken <= now) return { state: 'removed', length: 0, stem: null }
  if (shows > now) return { state: 'dormant', length: 0, stem: null }
  const grown = Math.min(1, (now - shows) / TO_SHOOT)
  const isShoot = grown >= 1 && growsOut
  return { state: isShoot ? 'shoot' : 'bud', length: SHOOT_LENGTH * grown, stem: null }
}

/** A truss over a node that came at some °C d; what sets hangs on the day on which it opens. */
export function trussOf(
  traits: PlantTraits,
  now: number,
  born: number,
  taken: number,
  dayAt: (degreeDays: number) => GrowthDay | undefined,
): Truss {
  const flowers = Math.round(traits.flowers)
  if (taken <= now) return { state: 'removed', flowers, set: 0 }
  const opens = born + traits.toFlower
  if (opens > now) return { state: 'buds', flowers, set: 0 }
  const day = dayAt(opens)
  const share = day
    ? traits.bestSet *
      fruitSet({ nightMinimum: day.tmin, dayMaximum: day.tmax }, traits.crop, traits.heatShift)
    : 0
  const set = Math.round(traits.flowers * share)
  const age = now - opens
  if (age < OPEN_FOR) return { state: 'open', flowers, set: 0 }
  if (set === 0) return { state: 'failed', flowers, set }
  return { state: age >= traits.ripening ? 'ripe' : 'swelling', flowers, set }
}
