import { addDays, dateFromEpochDay, daysBetween, type IsoDate } from '../calendar'
import { indexOf, type WeatherLine, type WeatherSource } from '../climate'
import type { AnyEntry } from '../entry'
import { stageEntries } from './entries'
import { HARDENING_DAYS } from './raising'

/** Hours out added each day, the most of a day, and the days from which sun, wind and night may reach the plants. */
const HOURS_A_DAY = 1.5
const MOST_HOURS = 12
const FIRST_DAY = { sun: 3, wind: 5, night: 7 }
/** A day is skipped below this, °C, or above this wind, m/s; nights out from this, °C. */
export const HARDENING_LIMITS = { cold: 8, wind: 40 / 3.6, night: 10 }
/** The windiest hour of a day against its mean wind. */
const WINDIEST_HOUR = 2

/** Hardened on fewer days than this, a plant's roots lose more by planting out. */
const HARDENED_ENOUGH = 5

/** Whether a planting had its days outside; where none was entered they are taken to have been given. */
export function wasHardened(entries: readonly AnyEntry[]): boolean {
  const outside = stageEntries(entries, 'hardened').length
  return outside === 0 || outside >= HARDENED_ENOUGH
}

/** What a step of hardening off is on one day: hours out, °C, m/s. */
export interface HardeningDay {
  date: IsoDate
  /** Step of the {@link HARDENING_DAYS}; on a day of rest the step that waits. */
  step: number
  hours: number
  sun: boolean
  wind: boolean
  nightOut: boolean
  /** Why the plants stay in; null: they go out. */
  rest: 'cold' | 'wind' | null
  high: number
  /** The coming night's low. */
  low: number
  windiest: number
  source: WeatherSource
}

/**
 * A step of hardening off, judged by a day's weather.
 *
 * @param at index of the day in the line, with the day after it in the line too
 */
export function hardeningDay({ air, sources }: WeatherLine, at: number, step: number): HardeningDay {
  const [high, low, windiest] = [air.tmax[at]!, air.tmin[at + 1]!, air.wind[at]! * WINDIEST_HOUR]
  const { cold, wind, night } = HARDENING_LIMITS
  return {
    date: dateFromEpochDay(air.from + at),
    step,
    hours: Math.min(MOST_HOURS, HOURS_A_DAY * step),
    sun: step >= FIRST_DAY.sun,
    wind: step >= FIRST_DAY.wind,
    nightOut: step >= FIRST_DAY.night && low >= night,
    rest: high < cold ? 'cold' : windiest > wind ? 'wind' : null,
    high,
    low,
    windiest,
    source: sources[at]!,
  }
}

/** Days that hardening off may be held up before the plan gives up on the season. */
const MOST_DAYS = 40

/**
 * The days of hardening off from a date on: a step a day, with the days of rest that the weather asks.
 *
 * @param done steps done by now; the plan begins with the next
 */
export function hardeningPlan(line: WeatherLine, from: IsoDate, done = 0): HardeningDay[] {
  const days: HardeningDay[] = []
  const first = indexOf(line.air, from)
  for (let at = Math.max(0, first), step = done + 1; step <= HARDENING_DAYS; at++) {
    if (days.length >= MOST_DAYS || at + 1 >= line.air.days) break
    const day = hardeningDay(line, at, step)
    days.push(day)
    if (day.rest === null) step++
  }
  return days
}

/** The day from which hardening goes on: the day after the last step, or the day it is to begin; today at the earliest. */
export function hardeningFrom(begins: IsoDate, last: IsoDate | null, today: IsoDate): IsoDate {
  const next = last === null ? begins : addDays(last, 1)
  return daysBetween(next, today) > 0 ? today : next
}
