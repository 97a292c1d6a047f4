import type { IsoDate } from '../calendar'
import type { WetnessPressure } from '../climate'
import { requireInRange } from '../guard'

/** Whether the first flowers come off: by the season's length, always, never. */
export const FLOWER_SCHOOLS = ['worked-out', 'pinch', 'leave'] as const
export type FlowerSchool = (typeof FLOWER_SCHOOLS)[number]

/** When and where the cutting is done. */
export interface PruningContext {
  date: IsoDate
  /** The day and the coming ones: mm of rain, °C. */
  forecast: readonly { rain: number; tmax: number }[]
  wetnessPressure: WetnessPressure
  daysSinceTransplant: number
  /** Days that the season has to spare. */
  seasonSlackDays: number
  /** A flower that opens later makes no mature fruit; null: there is no such day. */
  lastUsefulFlower: IsoDate | null
  /**
   * How far on the way from flower to ripe fruit a flower is today, 0–1, that opened on the last day from which
   * it ripens on the plant, and indoors; null: there is no such day, or it is still ahead.
   */
  lastRipeness?: { onPlant: number | null; indoors: number | null }
  /** The grower entered that the tips are off: no stem is ended again. */
  isTopped?: boolean
  /** m above the ground; null: nothing holds it. */
  supportTop: number | null
  /** °C d a day now. */
  dailyDegreeDays: number
  school?: FlowerSchool
}

/** mm of rain within a day that keep leaves wet. */
const WET = 0.5
/** † °C of a day whose sun scalds bare fruit; days looked ahead. Against: the usual advice on sunscald. */
const SCALDS = 32
const DAYS_AHEAD = 4

export function checkContext({ daysSinceTransplant, dailyDegreeDays, forecast }: PruningContext): void {
  requireInRange('daysSinceTransplant', daysSinceTransplant, 0, 1000)
  requireInRange('dailyDegreeDays', dailyDegreeDays, 0, 40)
  forecast.forEach(({ rain, tmax }, day) => {
    requireInRange(`forecast[${day}].rain`, rain, 0, 2000)
    requireInRange(`forecast[${day}].tmax`, tmax, -60, 65)
  })
}

const rainOn = ({ forecast }: PruningContext, day: number) => forecast[day]?.rain ?? 0

/** Leaves are wet today, or rain is due. */
export const isWet = (context: PruningContext) => rainOn(context, 0) >= WET
export const rainsTomorrow = (context: PruningContext) => rainOn(context, 1) >= WET

/** Days until leaves are dry: none when they are. */
export function daysUntilDry(context: PruningContext): number {
  if (!isWet(context)) return 0
  const dry = context.forecast.findIndex(({ rain }) => rain < WET)
  return dry < 0 ? context.forecast.length : dry
}

/** Sun is strong enough in the next days to scald fruit that lose their leaves. */
export const isScalding = ({ forecast }: PruningContext) =>
  forecast.slice(0, DAYS_AHEAD).some(({ tmax }) => tmax >= SCALDS)
