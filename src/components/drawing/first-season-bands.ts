import {
  addDays,
  addMonths,
  daysBetween,
  earlierOf,
  laterOf,
  monthOf,
  type IsoDate,
} from '../../core/calendar'
import type { FirstDates } from '../../core/season'

type CropDates = FirstDates['crops'][number]

/** What a season without plantings would look like. */
export interface FirstSeasonDates {
  crops: readonly CropDates[]
  /** In the middle year; null: none. */
  lastFrost: IsoDate | null
  firstFrost: IsoDate | null
}

/** A crop that is warm enough for somewhere in the year. */
type KnownCrop = CropDates & { sow: IsoDate; opens: IsoDate }

/** From where to where on the axis, %. */
export interface Band {
  left: number
  width: number
}

/** The picture on an axis of whole months. */
export interface FirstSeasonBands {
  months: { month: number; width: number }[]
  /** Days on which frost is about. */
  frost: Band[]
  /** Under cover, then when it can go out; null: it would not ripen. */
  crops: { dates: KnownCrop; raised: Band; out: Band | null }[]
}

/** Days shown after a window that no frost ends. */
const WITHOUT_FROST = 120
const MOST_MONTHS = 12

/** @returns null: it is never warm enough for either crop */
export function bandsOf({ crops, lastFrost, firstFrost }: FirstSeasonDates): FirstSeasonBands | null {
  const known = crops.filter((one): one is KnownCrop => one.sow !== null && one.opens !== null)
  if (known.length === 0) return null
  const sown = known.map(({ sow }) => sow).reduce(earlierOf)
  const last = known
    .map(({ opens, closes }) => laterOf(opens, closes ?? firstFrost ?? addDays(opens, WITHOUT_FROST)))
    .concat(firstFrost ?? [])
    .reduce(laterOf)
  const from = `${sown.slice(0, 8)}01` as IsoDate
  const starts = Array.from({ length: MOST_MONTHS }, (_, month) => addMonths(from, month)).filter(
    (day) => day <= last,
  )
  const end = addMonths(from, starts.length)
  const days = daysBetween(from, end)
  const at = (date: IsoDate) => Math.min(100, Math.max(0, (100 * daysBetween(from, date)) / days))
  const band = (begin: IsoDate, until: IsoDate): Band => ({
    left: at(begin),
    width: Math.max(0, at(until) - at(begin)),
  })
  return {
    months: starts.map((day) => ({ month: monthOf(day), width: band(day, addMonths(day, 1)).width })),
    frost: [...(lastFrost ? [band(from, lastFrost)] : []), ...(firstFrost ? [band(firstFrost, end)] : [])],
    crops: known.map((dates) => ({
      dates,
      raised: band(dates.sow, dates.opens),
      out: dates.isShort ? null : band(dates.opens, dates.closes ?? firstFrost ?? end),
    })),
  }
}
