import { requireInRange } from '../guard'

/**
 * Of the rain on a roof, what comes to the butt; and mm of each day's rain that wet it only [Gould & Nissen-
 * Petersen 1999: 0.8–0.9 of hard roofs].
 */
const RUNOFF = 0.85
const FIRST_WETTING = 0.5

/**
 * A butt under a roof against a need: its water by day, what ran over and what was wanted beyond it.
 *
 * @param butt.roof m² seen from above; `holds` L; `starts` L in it before the first day
 * @param days rain, mm, and need, L, of each
 * @returns L; water in is water out and the change
 * @throws RangeError when a number is out of range
 */
export function waterButt(
  butt: { roof: number; holds: number; starts: number },
  days: readonly { rain: number; need: number }[],
): { level: number[]; caught: number; over: number; short: number } {
  requireInRange('roof', butt.roof, 0, 100_000)
  requireInRange('holds', butt.holds, 0, 1_000_000)
  requireInRange('starts', butt.starts, 0, butt.holds)
  let [level, caught, over, short] = [butt.starts, 0, 0, 0]
  const levels = days.map(({ rain, need }, day) => {
    requireInRange(`days[${day}].rain`, rain, 0, 2000)
    requireInRange(`days[${day}].need`, need, 0, 1_000_000)
    const gained = Math.max(0, rain - FIRST_WETTING) * butt.roof * RUNOFF
    caught += gained
    const full = level + gained
    over += Math.max(0, full - butt.holds)
    const there = Math.min(butt.holds, full)
    const used = Math.min(there, need)
    short += need - used
    return (level = there - used)
  })
  return { level: levels, caught, over, short }
}
