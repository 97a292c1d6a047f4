import { requireFinite, requireInRange } from '../guard'

/** A factor of temperature, °C: nothing below and above the outer limits, whole between the inner ones. */
interface Limits {
  none?: number
  from?: number
  to: number
  noneAgain: number
}

const SET = {
  tomato: {
    night: { none: 8, from: 13, to: 21, noneAgain: 27 },
    day: { none: 14, from: 19, to: 31, noneAgain: 39 },
  },
  pepper: { night: { none: 10, from: 16, to: 22, noneAgain: 29 }, day: { to: 32, noneAgain: 41 } },
} as const satisfies Record<string, { night: Limits; day: Limits }>

/**
 * Share of open flowers that set, night factor times day factor †. A failed truss shows 7 to 10 days later.
 * Against: set at nights of 8–27 and days of 14–39 °C.
 *
 * @param temperatures °C
 * @param heatShift °C added to the hot limits: what a cultivar bears beyond its crop, −10 to 10
 * @returns 0–1
 * @throws RangeError when a number is out of range
 */
export function fruitSet(
  temperatures: { nightMinimum: number; dayMaximum: number },
  crop: 'tomato' | 'pepper',
  heatShift = 0,
): number {
  requireFinite('nightMinimum', temperatures.nightMinimum)
  requireFinite('dayMaximum', temperatures.dayMaximum)
  requireInRange('heatShift', heatShift, -10, 10)
  const { night, day } = SET[crop]
  return factor(temperatures.nightMinimum, night, heatShift) * factor(temperatures.dayMaximum, day, heatShift)
}

function factor(value: number, { none, from, to, noneAgain }: Limits, shift: number): number {
  const rising = none === undefined || from === undefined ? 1 : (value - none) / (from - none)
  const falling = (noneAgain + shift - value) / (noneAgain - to)
  return Math.max(0, Math.min(1, rising, falling))
}
