import type { Place, SoilTexture } from '../facts'
import { requireInRange } from '../guard'
import { dripOf, irrigationMinutes, USUAL_HOSE } from './irrigation-minutes'
import type { PlaceCourse } from './place-course'

/**
 * What ground that is wet already takes in, mm/h [Brouwer et al. 1988, FAO training manual 5, table 7: the middles
 * of its ranges; silt loam at the lower end of loam, sands at the least of theirs].
 */
const TAKES_IN: Record<SoilTexture, number> = {
  sand: 30,
  'loamy-sand': 30,
  'sandy-loam': 25,
  loam: 15,
  'silt-loam': 10,
  'clay-loam': 7.5,
  clay: 3,
}
/** Water that stands in the hollows of a level bed before it runs off, mm. */
const HOLLOWS = 5

/** Shorter pauses between turns come by themselves, min. */
const WORTH_A_PAUSE = 20

export const infiltration = (soil: SoilTexture): number => TAKES_IN[soil]

/** Water given in turns: so many runs, min each, and min between them in which the ground takes it in. */
export interface Soaking {
  runs: number
  minutes: number
  pause: number
}

/**
 * How water is given that comes faster than the ground takes it in: no run is longer than its hollows hold.
 *
 * @param water mm over the ground, and the minutes in which it comes
 * @returns null where it can come in one go
 * @throws RangeError when a number is out of range
 * @example cycleAndSoak({ depth: 20, minutes: 120 }, 'clay') // 3 runs of 40 min, 93 min between
 */
export function cycleAndSoak(
  { depth, minutes }: { depth: number; minutes: number },
  soil: SoilTexture,
): Soaking | null {
  requireInRange('depth', depth, 0, 100_000)
  requireInRange('minutes', minutes, 0, 10_000_000)
  const takes = TAKES_IN[soil] / 60
  // What stands on the ground when all of it has come.
  const standing = depth - takes * minutes
  if (standing <= HOLLOWS) return null
  const runs = Math.ceil(standing / HOLLOWS - 1e-9)
  return { runs, minutes: minutes / runs, pause: standing / runs / takes }
}

/**
 * How a place is given so many litres in turns, by its drip and by a hose or cans; null: in one go, or with pauses that
 * come by themselves as one walks.
 */
export function soakingOf(
  place: Place,
  { area, soil }: Pick<PlaceCourse, 'area' | 'soil'>,
  litres: number,
): { drip: Soaking | null; hand: Soaking | null } {
  if (soil === null || litres <= 0) return { drip: null, hand: null }
  const depth = litres / area
  const drip = dripOf(place)
  return {
    drip: drip && cycleAndSoak({ depth, minutes: irrigationMinutes({ litres, ...drip }) }, soil),
    hand: worthAPause(cycleAndSoak({ depth, minutes: litres / USUAL_HOSE }, soil)),
  }
}

const worthAPause = (turns: Soaking | null) => (turns && turns.pause >= WORTH_A_PAUSE ? turns : null)
