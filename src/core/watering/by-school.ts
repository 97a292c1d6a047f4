import { requireInteger } from '../guard'
import { waterCourse, type WaterDay } from './water-course'

/** The schools of watering. */
export const WATERING_SCHOOLS = ['even', 'fixed-days', 'dry-down', 'radiation-shots'] as const
export type WateringSchool = (typeof WATERING_SCHOOLS)[number]

/** A school, or the even one with its water eased as fruit ripen. */
export const WAYS_TO_WATER = [...WATERING_SCHOOLS, 'eased'] as const
export type WayToWater = WateringSchool | 'eased'

/** † Of RAW, at which each way waters; the dry-down lets it go further. Against: each school’s own rule. */
export const WATERS_AT: Record<WayToWater, number> = {
  even: 0.8,
  'fixed-days': 0.8,
  'dry-down': 1.25,
  'radiation-shots': 0.3,
  eased: 0.8,
}
/** Of TAW, at which leaves hang at dawn. */
export const LIMP = 0.9
/** † Easing at ripening gives this share of the need. Against: regulated deficit at ripening, 70 % of need. */
const EASED = 0.7
const MOST_SPLITS = 6
/** A week is the longest that anyone keeps to. */
const LONGEST = 7

/**
 * Days between waterings on fixed days, by what is easily taken and the need now.
 *
 * @param zone mm easily taken; @param need mm d⁻¹
 * @example fixedDays({ raw: 20 }, 5) // 3
 */
const fixedDays = ({ raw }: { raw: number }, need: number): number =>
  Math.max(1, Math.min(LONGEST, Math.floor((WATERS_AT['fixed-days'] * raw) / Math.max(0.01, need))))

/** Times a day that a root zone wants water, which holds less than a day takes. */
export const splitsFor = (way: WayToWater, need: number, raw: number): number =>
  Math.min(MOST_SPLITS, Math.max(1, Math.ceil(need / Math.max(0.1, WATERS_AT[way] * raw) - 1e-9)))

/** A watering ahead: days from the first of the forecast, mm, and the portions it is given in that day. */
interface WateringAhead {
  inDays: number
  depth: number
  portions: number
}

/** What a way of watering comes to over the days ahead. */
export interface WayAhead {
  waterings: WateringAhead[]
  /** mm in all. */
  depth: number
  /** Days on which growth is slowed, and on which leaves hang. */
  slowed: number
  limp: number
}

/**
 * The days ahead watered one way, each watering in the evening of its day, or through it in portions.
 *
 * @param depletion now, mm
 * @param ahead the coming days without irrigation, the first one today
 * @param since days since it was last watered, for what keeps to fixed days
 * @throws RangeError when since is no whole number of days
 */
export function wayAhead(
  way: WayToWater,
  depletion: number,
  ahead: readonly WaterDay[],
  since = 0,
): WayAhead {
  requireInteger('since', since, 0, 10_000)
  const every = ahead[0] ? fixedDays(ahead[0].zone, ahead[0].et) : 1
  const waterings: WateringAhead[] = []
  let [gone, slowed, limp, waited] = [depletion, 0, 0, since]
  ahead.forEach((day, inDays) => {
    const began = gone
    const { depletion: missing, raw, taw } = waterCourse([day], gone)[0]!
    const portions = splitsFor(way, day.et, raw)
    const isDue =
      way === 'fixed-days' ? ++waited >= every : missing >= Math.min(WATERS_AT[way] * raw, LIMP * taw)
    const isGiven = isDue && missing > 0
    // What is given through the day comes before it is dry.
    const driest = isGiven && portions > 1 ? began : missing
    if (driest > raw) slowed += 1
    if (driest >= LIMP * taw) limp += 1
    gone = missing
    if (!isGiven) return
    const depth = missing * (way === 'eased' ? EASED : 1)
    waterings.push({ inDays, depth, portions })
    gone = missing - depth
    waited = 0
  })
  return { waterings, depth: waterings.reduce((sum, one) => sum + one.depth, 0), slowed, limp }
}
