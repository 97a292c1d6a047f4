import { requireInRange } from '../guard'

/** What a root zone holds when wet through, and how much of it is taken without stress; mm. */
export interface Zone {
  taw: number
  raw: number
}

/** What a day does to a root zone; mm, and Ks 0–1. */
export interface BalanceDay {
  depletion: number
  drainage: number
  actualEt: number
  stress: number
}

/**
 * A day of the root zone's water [FAO-56 eq. 84–86]: rain and irrigation come first and what is over field capacity
 * drains; then the crop takes Ks × ETc. Water in is water out and the change, exactly.
 *
 * @param state depletion at the day's start, mm, 0 … TAW
 * @param day ETc before stress, rain and irrigation, mm
 * @returns `stress` is Ks, from the depletion after rain and irrigation
 * @throws RangeError naming the parameter that is out of range
 * @example waterBalanceDay({ depletion: 20 }, { et: 5, rain: 0, irrigation: 0 }, { taw: 60, raw: 30 }).depletion // 25
 */
export function waterBalanceDay(
  state: { depletion: number },
  day: { et: number; rain: number; irrigation: number },
  zone: Zone,
): BalanceDay {
  const { taw, raw } = zone
  requireInRange('zone.taw', taw, 0.001, 10_000)
  requireInRange('zone.raw', raw, 0, taw)
  requireInRange('state.depletion', state.depletion, 0, taw)
  requireInRange('day.et', day.et, 0, 100)
  requireInRange('day.rain', day.rain, 0, 2000)
  requireInRange('day.irrigation', day.irrigation, 0, 10_000)
  const after = state.depletion - day.rain - day.irrigation
  const drainage = Math.max(0, -after)
  const wetted = Math.max(0, after)
  const stress = wetted <= raw ? 1 : (taw - wetted) / (taw - raw)
  // What is left is all that can be taken.
  const actualEt = Math.min(stress * day.et, taw - wetted)
  return { depletion: wetted + actualEt, drainage, actualEt, stress }
}
