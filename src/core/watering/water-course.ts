import { waterBalanceDay, type BalanceDay, type Zone } from './water-balance-day'

/** A day as a root zone meets it: ETc before stress, rain and irrigation, mm; its zone; and what was found there. */
export interface WaterDay {
  et: number
  rain: number
  irrigation: number
  zone: Zone
  /** Depletion as a share of TAW that someone or a sensor found on the day, 0–1; null: nobody looked. */
  found: number | null
  /** Of its irrigation, mm, what came after the look; none unless said. */
  sinceFound?: number
}

/** A day's outcome, with its zone; `corrected`: mm that a reading moved the estimate by, dry positive. */
export interface WaterState extends BalanceDay, Zone {
  rain: number
  irrigation: number
  corrected: number
}

/**
 * The root zone from day to day, wet through at the start; a reading goes before the estimate. As roots go down they
 * reach soil at field capacity.
 *
 * @param start depletion before the first day, mm
 */
export function waterCourse(days: readonly WaterDay[], start = 0): WaterState[] {
  let depletion = start
  return days.map(({ et, rain, irrigation, zone, found, sinceFound = 0 }) => {
    const day = waterBalanceDay({ depletion: Math.min(depletion, zone.taw) }, { et, rain, irrigation }, zone)
    const corrected = found === null ? 0 : Math.max(0, found * zone.taw - sinceFound) - day.depletion
    depletion = day.depletion + corrected
    return { ...day, ...zone, rain, irrigation, depletion, corrected }
  })
}
