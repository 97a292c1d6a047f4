import { irrigationMinutes } from './irrigation-minutes'
import { nextWatering } from './next-watering'
import { waterCourse, type WaterDay } from './water-course'

/** A run of a tap timer: days from the first of the forecast, min and L. */
export interface TimerRun {
  inDays: number
  minutes: number
  litres: number
}

/**
 * Runs that keep a place even through the days ahead: each refills the root zone on the day it comes to its trigger.
 *
 * @param depletion now, mm
 * @param drip m² that a mm is over, emitters, L/h of each
 * @throws RangeError when there is no emitter, or one gives nothing
 */
export function timerProgramme(
  depletion: number,
  ahead: readonly WaterDay[],
  { area, emitters, flow }: { area: number; emitters: number; flow: number },
): TimerRun[] {
  const runs: TimerRun[] = []
  let [from, gone] = [0, depletion]
  while (from < ahead.length) {
    const { inDays, depth } = nextWatering(gone, ahead.slice(from))
    if (inDays === null || depth <= 0) break
    const day = from + inDays
    const litres = depth * area
    runs.push({ inDays: day, litres, minutes: irrigationMinutes({ litres, emitters, flow }) })
    // Filled in the evening of the day, it starts the next one wet through.
    const left = waterCourse(ahead.slice(from, day + 1), gone).at(-1)!.depletion - depth
    gone = Math.max(0, left)
    from = day + 1
  }
  return runs
}
