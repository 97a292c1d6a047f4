import type { WaterState } from './water-course'

/** How evenly a place was watered, and what its fruit risk by it. */
export interface Evenness {
  /** Greatest less least depletion of the last days, as a share of RAW. */
  swing: number
  /** Days of them on which growth was slowed. */
  dryDays: number
  /** Blossom-end rot and cracking, 0–1. */
  rot: number
  crack: number
}

/** Days looked back. */
const DAYS = 14
/** Fruit of so many days after the open flower can rot at their end. */
export const ROT_AGE = [5, 20] as const
/** † Days beyond RAW that make rot certain in the proneest type. Against: nothing measured yet. */
const ROT_DAYS = 6
/** A rewetting by so much of TAW in a day, after it was beyond RAW. */
const REWETTING = 0.5
/** Days for which a fruit's skin keeps the strain. */
const DRY_BEFORE = 3

/**
 * Swing of the last fortnight, risk of blossom-end rot by the days beyond RAW while fruit are young, and of cracking
 * by sudden rewetting while fruit colour.
 *
 * @param course the place's days up to today
 * @param fruit for each of the same days: whether young fruit hang, whether fruit colour; and the type's proneness 0–1
 */
export function evenness(
  course: readonly WaterState[],
  fruit: { young: readonly boolean[]; colouring: readonly boolean[]; proneness: number },
): Evenness {
  const last = course.slice(-DAYS)
  const offset = course.length - last.length
  const shares = last.map(({ depletion, raw }) => depletion / raw)
  const dry = last.map(({ depletion, raw }) => depletion > raw)
  return {
    swing: shares.length === 0 ? 0 : Math.max(...shares) - Math.min(...shares),
    dryDays: dry.filter(Boolean).length,
    rot: rotBy(dry.filter((isDry, day) => isDry && fruit.young[offset + day]).length, fruit.proneness),
    crack: crackingBy(course, fruit.colouring),
  }
}

/** Risk of blossom-end rot after so many days beyond RAW while fruit are young, 0–1. */
export const rotBy = (dryDays: number, proneness: number): number =>
  Math.min(1, (dryDays / ROT_DAYS) * proneness)

/** Risk of cracking by the last fortnight's drenchings after dry days, on days on which fruit colour, 0–1. */
export function crackingBy(course: readonly WaterState[], colouring: readonly boolean[]): number {
  let crack = 0
  for (let day = Math.max(0, course.length - DAYS); day < course.length; day++) {
    if (!colouring[day]) continue
    const { rain, irrigation, taw } = course[day]!
    const wetting = Math.min(rain + irrigation, course[day - 1]?.depletion ?? 0) / taw
    const wasDry = course
      .slice(Math.max(0, day - DRY_BEFORE), day)
      .some(({ depletion, raw }) => depletion > raw)
    if (wasDry && wetting >= REWETTING) crack = Math.max(crack, Math.min(1, wetting))
  }
  return crack
}
