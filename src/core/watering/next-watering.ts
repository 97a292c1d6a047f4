import type { WaterDay } from './water-course'
import { waterCourse } from './water-course'

/** † The schools of watering. */
export const WATERING_SCHOOLS = ['even', 'fixed-days', 'dry-down', 'radiation-shots'] as const
export type WateringSchool = (typeof WATERING_SCHOOLS)[number]

/** When a place wants water next, and how much. */
export interface NextWatering {
  /** Days from the first of the forecast, 0: today; null: not within it. */
  inDays: number | null
  /** mm that refill the root zone on that day. */
  depth: number
  /** Days until growth slows, and until the plants are limp, if nobody waters; Infinity: not within the forecast. */
  untilSlow: number
  untilLimp: number
  /** Times a day that a small root zone wants it then. */
  splits: number
}

/** † Of RAW, at which each school waters; the dry-down lets it go further. */
const TRIGGER: Record<WateringSchool, number> = {
  even: 0.8,
  'fixed-days': 0.8,
  'dry-down': 1.25,
  'radiation-shots': 0.3,
}
/** † Of TAW, at which leaves hang at dawn. */
const LIMP = 0.9
/** † Easing at ripening gives this share of the need. */
const EASED = 0.7
const MOST_SPLITS = 6

/**
 * When a root zone comes to its trigger, and what refills it.
 *
 * @param depletion now, mm
 * @param ahead the coming days without irrigation, the first one today
 * @param eased fruit ripen and the water is eased for their sweetness: a school
 */
export function nextWatering(
  depletion: number,
  ahead: readonly WaterDay[],
  { school = 'even', eased = false }: { school?: WateringSchool; eased?: boolean } = {},
): NextWatering {
  const course = waterCourse(ahead, depletion)
  const trigger = (day: { raw: number; taw: number }) => Math.min(TRIGGER[school] * day.raw, LIMP * day.taw)
  const due = course.findIndex((day) => day.depletion >= trigger(day))
  const first = (of: (day: (typeof course)[number]) => boolean) => {
    const found = course.findIndex(of)
    return found < 0 ? Infinity : found
  }
  const at = due < 0 ? null : course[due]!
  const et = Math.max(...course.slice(0, 3).map(({ actualEt }) => actualEt), 0)
  const raw = course[0]?.raw ?? Infinity
  return {
    inDays: due < 0 ? null : due,
    depth: at ? at.depletion * (eased ? EASED : 1) : 0,
    untilSlow: first((day) => day.depletion > day.raw),
    untilLimp: first((day) => day.depletion >= LIMP * day.taw),
    splits: Math.min(MOST_SPLITS, Math.max(1, Math.ceil(et / Math.max(0.1, TRIGGER.even * raw)))),
  }
}

/** A week is the longest that anyone keeps to. */
const LONGEST = 7

/**
 * Days between waterings on fixed days, by what is easily taken and the need now.
 *
 * @param zone mm easily taken; @param need mm d⁻¹
 * @example fixedDays({ raw: 20 }, 5) // 3
 */
export const fixedDays = ({ raw }: { raw: number }, need: number): number =>
  Math.max(1, Math.min(LONGEST, Math.floor((TRIGGER['fixed-days'] * raw) / Math.max(0.01, need))))
