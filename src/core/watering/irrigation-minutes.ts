import { emittersAlong, type Place } from '../facts'
import { requireInRange, requireInteger } from '../guard'

/** L/h of a usual emitter, where nobody has measured. */
export const USUAL_FLOW = 2

/** L/min of a usual garden hose, half open. */
export const USUAL_HOSE = 12

/** The emitters of a place and what each gives, L/h; `told`: someone has measured it. Null: it has no drip lines. */
export function dripOf(place: Place): { emitters: number; flow: number; told: boolean } | null {
  const emitters = place.dripLines.length * emittersAlong(place).length
  return emitters === 0
    ? null
    : { emitters, flow: place.emitterFlow ?? USUAL_FLOW, told: place.emitterFlow !== null }
}

/**
 * How long drip emitters run to give so much water, min.
 *
 * @param plan.litres L in all
 * @param plan.flow L/h of each emitter
 * @throws RangeError when there is no emitter, or one gives nothing
 * @example irrigationMinutes({ litres: 40, emitters: 20, flow: 2 }) // 60
 */
export function irrigationMinutes({
  litres,
  emitters,
  flow,
}: {
  litres: number
  emitters: number
  flow: number
}): number {
  requireInRange('litres', litres, 0, 1_000_000)
  requireInteger('emitters', emitters, 1, 1_000_000)
  requireInRange('flow', flow, 0.01, 1000)
  return (litres / (emitters * flow)) * 60
}
