import { daysBetween, type IsoDate } from '../calendar'
import { frostDays } from '../climate'
import { usualMaturity, type Crop } from '../crop'
import type { Planting } from '../facts'
import { weatherOf, type PlantingOutlook, type SeasonOutlook } from './outlook'
import { plantingDates } from './planting-dates'
import { bearingSum, stagePlan } from './stage-days'
import type { StageDate } from './stages'
import { closesBeforeItOpens, firstOpenDay, transplantWindow } from './transplant-window'
import type { Year } from './year'
import { safeDay } from './years'
import { COVERS, warmedSums } from './covers'

/** What lets a plant go out earlier, or ripen sooner. */
export type TimeBuyer = 'as-planned' | 'cloth' | 'frame' | 'film' | 'big-plant' | 'earlier'

/** One way to buy time: when it goes out and ripens so, and in how many seasons it ripens at all. */
export interface BoughtTime {
  by: TimeBuyer
  setOut: StageDate
  ripe: StageDate
  /** Days that it goes out before what is planned; null: one of them never does. */
  earlier: number | null
  /** Days to maturity of an earlier cultivar. */
  daysToMaturity?: number
}

/** It stays on for so many days. */
const COVERED_DAYS = 30
/** Days that an earlier cultivar is earlier, and the earliest there is. */
const EARLIER = 15
const EARLIEST: Record<Crop, number> = { tomato: 52, pepper: 60 }
/** In fewer seasons than this it ripens too seldom to be left as it is. */
const ENOUGH = 0.8

/**
 * What buys time for a planting whose window closes before it opens, or that ripens in too few seasons: each way
 * dated over the courses that the season can take, the plan itself first. Empty: it has the time, or it stands already.
 */
export function timeBuyers(outlook: SeasonOutlook, own: PlantingOutlook): BoughtTime[] {
  const { planting, cultivar, dates, place, window, stands, phase } = own
  const share = dates['first-ripe'].spread?.share ?? 1
  const isShort = closesBeforeItOpens(window) || share < ENOUGH
  if (stands !== null || planting.raising === 'direct' || !isShort) return []
  const { here, courses } = weatherOf(outlook, own)
  const { warmest } = outlook.ensemble
  const open = { planting, cultivar, here, courses }
  const dated = (by: TimeBuyer, change: Partial<typeof open>): BoughtTime => {
    const of = { ...open, ...change }
    const window = transplantWindow(of.courses, of.cultivar.crop, own.plan.thermal, bearingSum(of.cultivar))
    const day = (date: IsoDate) => daysBetween(own.start, date)
    const plan = stagePlan(of.planting, of.cultivar, own.entries, outlook.today, day, 'may', own.plan.biases)
    const opens = window.opens.p50 === null ? null : Math.max(window.opens.p50, day(outlook.today))
    const taken = { opens, frost: own.turns.frost }
    const found = plantingDates({ plan, line: of.here, taken, courses: of.courses, seasonStart: own.start })
    const setOut = found['set-out']
    return { by, setOut, ripe: found['first-ripe'], earlier: before(setOut, dates['set-out']) }
  }
  const free: Planting = { ...planting, plannedSetOut: null, plannedSow: null }
  const cover = (by: keyof typeof COVERS) => {
    const under = underCover([here, ...courses], cultivar.crop, COVERS[by], warmest)
    return dated(by, { planting: free, here: under[0]!, courses: under.slice(1) })
  }
  const filmed = weatherOf(outlook, { ...own, place: { ...place, mulch: 'dark-film' } })
  const daysToMaturity = (cultivar.daysToMaturity ?? usualMaturity(cultivar)) - EARLIER
  // What is sown already is as large as it gets by its day.
  const isUnsown = phase === 'planned' && planting.raising !== 'bought' && planting.raising !== 'big-plant'
  return [
    { by: 'as-planned', setOut: dates['set-out'], ripe: dates['first-ripe'], earlier: 0 },
    ...(place.kind === 'tunnel' ? [] : [cover('cloth'), cover('frame')]),
    ...(place.mulch === 'bare' && place.pot === null
      ? [dated('film', { planting: free, here: filmed.here, courses: filmed.courses })]
      : []),
    ...(isUnsown ? [dated('big-plant', { planting: { ...free, raising: 'big-plant' } })] : []),
    ...(daysToMaturity >= EARLIEST[cultivar.crop]
      ? [
          {
            ...dated('earlier', { cultivar: { ...cultivar, daysToMaturity } as typeof cultivar }),
            daysToMaturity,
          },
        ]
      : []),
  ]
}

const before = (one: StageDate, other: StageDate) =>
  one.date === null || other.date === null ? null : daysBetween(one.date, other.date)

/** Years as a plant meets them whose cover stays on for its first weeks: warmer nights and soil, frost sooner behind. */
function underCover(
  years: readonly Year[],
  crop: Crop,
  { night, soil }: { night: number; soil: number },
  warmest: number,
): Year[] {
  const warmer = (values: Float64Array, by: number) => values.map((value) => value + by)
  const nights = years.map((year) => warmer(year.tmin, night))
  const safeFrom = safeDay(
    nights.slice(1).map((tmin) => frostDays({ tmin, days: tmin.length }, warmest).lastSpring),
    years[0]!.frostRisk,
  )
  return years.map((year, index): Year => {
    const under = { tmin: nights[index]!, soil: warmer(year.soil, soil), safeFrom }
    const from = firstOpenDay(under, crop, 0)
    const running: Partial<Record<Crop, Float64Array>> = {}
    return {
      ...under,
      tmax: year.tmax,
      seedbed: year.seedbed,
      firstFrost: year.firstFrost,
      frostRisk: year.frostRisk,
      opens: (of, level) => firstOpenDay(under, of, 0, level ? { level } : {}),
      running: (of) =>
        (running[of] ??= warmedSums(
          year,
          under.tmin,
          of,
          (day) => from !== null && day >= from && day < from + COVERED_DAYS,
        )),
    }
  })
}
