import { wayAhead } from './by-school'
import { irrigationMinutes } from './irrigation-minutes'
import type { WaterDay } from './water-course'

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
export const timerProgramme = (
  depletion: number,
  ahead: readonly WaterDay[],
  { area, emitters, flow }: { area: number; emitters: number; flow: number },
): TimerRun[] =>
  wayAhead('even', depletion, ahead).waterings.map(({ inDays, depth }) => {
    const litres = depth * area
    return { inDays, litres, minutes: irrigationMinutes({ litres, emitters, flow }) }
  })
