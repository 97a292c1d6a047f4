import { dayPercentiles, type DayPercentiles } from '../climate'
import {
  lastDayToReach,
  SET_OUT_LIMITS,
  SET_OUT_NIGHTS,
  type Crop,
  type SetOutLevel,
  type ThermalTraits,
} from '../crop'
import { remembered } from '../memo'
import type { Year } from './year'

type Weather = Pick<Year, 'tmin' | 'soil'>
const SEASON = 365

/** The mean of the nights ahead of a day, °C; NaN: they reach past what is known. */
export function nightsAhead({ tmin }: Pick<Weather, 'tmin'>, at: number): number {
  let sum = 0
  for (let night = at; night < at + SET_OUT_NIGHTS; night++) sum += tmin[night] ?? NaN
  return sum / SET_OUT_NIGHTS
}

/** Whether nights and soil are warm enough to plant out on day `at`; frost is another matter. */
export function isWarm(weather: Weather, crop: Crop, at: number, level: SetOutLevel = 'may'): boolean {
  const { night, soil } = SET_OUT_LIMITS[crop][level]
  if (at < 0 || !(weather.soil[at]! >= soil && nightsAhead(weather, at) >= night)) return false
  if (level === 'may') return true
  // A plant that is to grow on at once has warm soil on the days that follow, too.
  for (let day = at + 1; day < at + SET_OUT_NIGHTS; day++) if (!(weather.soil[day]! >= soil)) return false
  return true
}

/**
 * The first day from `from` on which a crop can go out: warm enough, and not before the day after which as few
 * seasons freeze as the gardener bears; null: none before `until`.
 */
export function firstOpenDay(
  year: Weather & Pick<Year, 'safeFrom'>,
  crop: Crop,
  from: number,
  { until = SEASON, level = 'may' }: { until?: number; level?: SetOutLevel } = {},
): number | null {
  // Looked up once: a year's parts are worked out when they are asked for.
  const weather = { tmin: year.tmin, soil: year.soil }
  for (let day = Math.max(from, year.safeFrom); day < until; day++)
    if (isWarm(weather, crop, day, level)) return day
  return null
}

/** When a crop can be set out, in days from the season's start, over the courses that the season can take. */
export interface TransplantWindow {
  /** After this day as few seasons freeze as the gardener bears. */
  safeFrom: number
  /** From here it may go out: nights and soil are warm enough, and frost is behind. */
  opens: DayPercentiles
  /** From here it grows on at once. */
  ideal: DayPercentiles
  /** Set out later, and the first fruit does not ripen before the first frost; under 0: it never does. */
  closes: DayPercentiles
  /** What is planned: the ideal, where waiting for it costs little. */
  plans: SetOutLevel
  /** Of the ripe fruit of the earliest date, what waiting for the ideal costs, 0–1; null: it never comes. */
  waitingCosts: number | null
}

/** A window that closes before it opens, in the middle season: nothing that is planted out then ripens. */
export const closesBeforeItOpens = ({ opens, closes }: Pick<TransplantWindow, 'opens' | 'closes'>): boolean =>
  closes.share > 0 && opens.p50 !== null && (closes.p50 ?? Infinity) < opens.p50

/** The days on which what is planned opens, over the courses; and the middle one of them. */
export const plannedDays = ({
  plans,
  opens,
  ideal,
}: Pick<TransplantWindow, 'plans' | 'opens' | 'ideal'>): DayPercentiles => (plans === 'ideal' ? ideal : opens)
export const plannedOpening = (window: Pick<TransplantWindow, 'plans' | 'opens' | 'ideal'>): number | null =>
  plannedDays(window).p50

/** The ideal is waited for where that costs less than this share of the ripe fruit. */
const WORTH_WAITING = 0.1
/**
 * † What a plant gains of a day's warmth while nights or soil are under its ideal: it stalls. Against:
 * growers’ dates in twelve climates.
 */
const STALLED = 0.5

/**
 * The transplant window of a crop in a place, by temperature and not by date.
 *
 * @param years the courses that a season can take in that place
 * @param thermal the cultivar's thermal calendar, °C d
 * @param bears °C d over which it ripens fruit before it is done; Infinity: until the frost
 */
export function transplantWindow(
  years: readonly Year[],
  crop: Crop,
  thermal: ThermalTraits,
  bears = Infinity,
): TransplantWindow {
  const sum = thermal.toFirstFlower + thermal.ripening
  // Plantings of one cultivar in one kind of place have one window.
  return remembered(years, `window ${crop} ${sum} ${bears}`, () => windowOf(years, crop, sum, bears))
}

function windowOf(years: readonly Year[], crop: Crop, sum: number, bears: number): TransplantWindow {
  const waitingCosts = costOfWaiting(years, crop, sum, bears)
  return {
    safeFrom: years[0]?.safeFrom ?? 0,
    ...openingOf(years, crop),
    closes: dayPercentiles(
      years.map((year) =>
        // Where no frost ends it, it never closes; where no day is early enough, it is closed from the first.
        year.firstFrost === null ? null : (lastDayToReach(year.running(crop), year.firstFrost, sum) ?? -1),
      ),
      'after',
    ),
    plans: waitingCosts !== null && waitingCosts < WORTH_WAITING ? 'ideal' : 'may',
    waitingCosts,
  }
}

/** What does not depend on the cultivar is worked out once for each crop. */
const openingOf = (years: readonly Year[], crop: Crop): Pick<TransplantWindow, 'opens' | 'ideal'> =>
  remembered(years, `opening ${crop}`, () => {
    const over = (level: SetOutLevel) =>
      dayPercentiles(
        years.map((year) => year.opens(crop, level)),
        'after',
      )
    return { opens: over('may'), ideal: over('ideal') }
  })

/** Of the fruit that ripen when it is set out at the earliest, what is lost by waiting for the ideal, over all years. */
function costOfWaiting(years: readonly Year[], crop: Crop, toRipe: number, bears: number): number | null {
  let [early, late, ideals] = [0, 0, 0]
  for (const year of years) {
    const running = year.running(crop)
    const end = Math.min(running.length - 1, (year.firstFrost ?? SEASON) + 1)
    // °C d left for ripening: trusses follow each other by them.
    const ripens = (day: number | null) =>
      day === null ? 0 : Math.min(bears, Math.max(0, running[end]! - running[Math.min(day, end)]! - toRipe))
    const [may, ideal] = [year.opens(crop, 'may'), year.opens(crop, 'ideal')]
    const [first, then] = [ripens(may), ripens(ideal)]
    early += then + (first - then) * STALLED
    late += then
    if (ideal !== null) ideals++
  }
  // Where the middle year has no ideal day, there is none to wait for; where nothing ripens, none is worth it.
  return ideals * 2 < years.length || early === 0 ? null : Math.max(0, 1 - late / early)
}
