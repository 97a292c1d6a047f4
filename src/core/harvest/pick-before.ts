import type { IsoDate } from '../calendar'

/** Why fruit come off before they are ripe: and the day before which. */
export interface PickBefore {
  why: 'frost' | 'heat' | 'rain'
  on: IsoDate
  /** °C, or mm of rain. */
  value: number
}

/**
 * † A night that ends the crop, °C; a day that spoils ripening, °C; rain that splits fruit, mm. Against: fruit
 * split by 20 mm, spoilt over 35 °C.
 */
const FROST = 1
const HEAT = 35
const RAIN = 10

/**
 * What the coming days hold that fruit are better picked before, the worst first; null: nothing. From the breaker stage
 * on they ripen indoors with little loss; before a frost all that are mature green.
 *
 * @param days from today on, as far as is forecast: °C, mm
 */
export function pickBefore(
  days: readonly { date: IsoDate; tmin: number; tmax: number; rain: number }[],
): PickBefore | null {
  const frost = days.find(({ tmin }, ahead) => ahead > 0 && tmin <= FROST)
  if (frost) return { why: 'frost', on: frost.date, value: frost.tmin }
  const found = days.find(({ tmax, rain }) => rain >= RAIN || tmax >= HEAT)
  if (!found) return null
  return found.rain >= RAIN
    ? { why: 'rain', on: found.date, value: found.rain }
    : { why: 'heat', on: found.date, value: found.tmax }
}
