import {
  frostDays,
  insideSeries,
  soilTemperatures,
  surroundingsKey,
  type DailySeries,
  type Ensemble,
  type SoilReading,
  type SoilSurroundings,
} from '../climate'
import { runningDegreeDays, type Crop, type SetOutLevel } from '../crop'
import { ROOT_DEPTH, SEED_DEPTH } from './depths'
import { firstOpenDay } from './transplant-window'
import type { Year } from './year'
import { remembered } from '../memo'

const SEASON = 365

type Column = 'tmin' | 'tmax' | 'soil' | 'seedbed'

/** A year whose parts are worked out when they are first asked for. */
class LazyYear implements Year {
  private readonly columns: Partial<Record<Column, Float64Array>> = {}
  private readonly sums: Partial<Record<Crop, Float64Array>> = {}
  private readonly openings: Record<string, number | null> = {}
  private frost: number | null | undefined

  constructor(
    private readonly make: (column: Column) => Float64Array,
    private readonly sum: (crop: Crop) => Float64Array,
    private readonly warmest: number,
    readonly safeFrom: number,
    readonly frostRisk: number,
  ) {}

  get tmin() {
    return (this.columns.tmin ??= this.make('tmin'))
  }
  get tmax() {
    return (this.columns.tmax ??= this.make('tmax'))
  }
  get soil() {
    return (this.columns.soil ??= this.make('soil'))
  }
  get seedbed() {
    return (this.columns.seedbed ??= this.make('seedbed'))
  }
  get firstFrost() {
    if (this.frost === undefined)
      this.frost = frostDays({ tmin: this.tmin, days: this.tmin.length }, this.warmest).firstAutumn
    return this.frost
  }
  running(crop: Crop) {
    return (this.sums[crop] ??= this.sum(crop))
  }
  opens(crop: Crop, level: SetOutLevel = 'may') {
    const key = `${crop} ${level}`
    let found = this.openings[key]
    // What is ideal may be no earlier than what is allowed.
    if (found === undefined)
      this.openings[key] = found = firstOpenDay(
        this,
        crop,
        level === 'may' ? 0 : (this.opens(crop) ?? SEASON),
        {
          level,
        },
      )
    return found
  }
}

/** What a year turns by: its warmest day, the day from which frost is behind, and in how many of ten it may not be. */
interface Turns {
  warmest: number
  safeFrom: number
  frostRisk: number
}

/**
 * A weather series as plants in a place meet it.
 *
 * @param readings thermometer readings in that place
 */
export function yearIn(
  outside: DailySeries,
  around: SoilSurroundings,
  turns: Turns,
  readings: readonly SoilReading[] = [],
): Year {
  const air = around.underCover ? insideSeries(outside) : outside
  return placeYear(outside, air, around, turns, (crop) => runningDegreeDays(air, crop), readings)
}

function placeYear(
  outside: DailySeries,
  air: DailySeries,
  around: SoilSurroundings,
  { warmest, safeFrom, frostRisk }: Turns,
  sum: (crop: Crop) => Float64Array,
  readings: readonly SoilReading[] = [],
): Year {
  return new LazyYear(
    (column) =>
      column === 'tmin' || column === 'tmax'
        ? air[column]
        : soilTemperatures(outside, column === 'soil' ? ROOT_DEPTH : SEED_DEPTH, around, readings),
    sum,
    warmest,
    safeFrom,
    frostRisk,
  )
}

/** Of an ensemble, all that its seasons need to be met in a place. */
export type Seasons = Pick<Ensemble, 'seasons' | 'warmest' | 'frostRisk'>

/** What every kind of place asks of the same ensemble, worked out once for each. */
interface Worked {
  years: Map<string, Year[]>
  inside?: DailySeries[]
  sums: Map<string, Float64Array>
}
/** Seasons in ten that may still freeze after planting out, where the gardener has not said. */
const USUAL_FROST_RISK = 2

/**
 * The day after which no more seasons freeze than the gardener bears.
 *
 * @param lastFrosts of each season its last spring frost; null: none
 * @param risk seasons in ten
 */
export function safeDay(lastFrosts: readonly (number | null)[], risk: number): number {
  const last = lastFrosts.map((day) => day ?? -1).sort((a, b) => a - b)
  return Math.max(0, last[Math.ceil(last.length * (1 - risk / 10)) - 1] ?? 0)
}

/** Every season of an ensemble as a place meets it. */
export function yearsIn(ensemble: Seasons, around: SoilSurroundings): Year[] {
  const known = remembered(ensemble, 'seasons in places', (): Worked => ({
    years: new Map(),
    sums: new Map(),
  }))
  const { years, sums } = known
  const key = surroundingsKey(around)
  const found = years.get(key)
  if (found) return found
  const airs = around.underCover ? (known.inside ??= ensemble.seasons.map(insideSeries)) : ensemble.seasons
  // Soil differs from place to place, the air's warmth only between open air and cover.
  const sumOf = (index: number) => (crop: Crop) => {
    const of = `${around.underCover} ${crop} ${index}`
    let sum = sums.get(of)
    if (!sum) sums.set(of, (sum = runningDegreeDays(airs[index]!, crop)))
    return sum
  }
  const { warmest, frostRisk = USUAL_FROST_RISK } = ensemble
  const lastFrosts = airs.map((air) => frostDays(air, warmest).lastSpring)
  const turns = { warmest, safeFrom: safeDay(lastFrosts, frostRisk), frostRisk }
  const made = ensemble.seasons.map((season, index) =>
    placeYear(season, airs[index]!, around, turns, sumOf(index)),
  )
  years.set(key, made)
  return made
}

/** What is known of a season: its course so far, from the season's start, and the first day that is not known. */
export interface KnownPart {
  year: Year
  until: number
}

/** Parts of courses that are the same in several places, by name. */
export type SharedParts = Map<string, Float64Array>

/**
 * The courses a season can still take: what is known of it, then the rest of each season of the ensemble.
 *
 * @param shared keeps what the air alone decides, for other places of the same air
 */
export function coursesOf(
  years: readonly Year[],
  { year: so, until }: KnownPart,
  warmest: number,
  shared: { air: string; parts: SharedParts },
): Year[] {
  if (until <= 0 || years.length === 0) return [...years]
  const own: SharedParts = new Map()
  // One block for all courses: hundreds of small ones cost more than what is worked out from them.
  const joined = (name: string, part: (year: Year) => Float64Array, isSum: boolean): Float64Array => {
    const parts = name === 'soil' || name === 'seedbed' ? own : shared.parts
    const key = `${shared.air} ${name}`
    const found = parts.get(key)
    if (found) return found
    const known = part(so)
    const length = part(years[0]!).length
    const at = Math.min(until, length - 1)
    const head = known.subarray(0, at)
    const all = new Float64Array(length * years.length)
    years.forEach((year, index) => {
      const [rest, from] = [part(year), index * length]
      all.set(rest, from)
      if (isSum) {
        const lift = known[at]! - rest[at]!
        for (let day = from + at; day < from + length; day++) all[day] = all[day]! + lift
      }
      all.set(head, from)
    })
    parts.set(key, all)
    return all
  }
  const course = (all: Float64Array, index: number) => {
    const length = all.length / years.length
    return all.subarray(index * length, (index + 1) * length)
  }
  return years.map(
    (_, index) =>
      new LazyYear(
        (column) =>
          course(
            joined(column, (year) => year[column], false),
            index,
          ),
        (crop) =>
          course(
            joined(crop, (year) => year.running(crop), true),
            index,
          ),
        warmest,
        so.safeFrom,
        so.frostRisk,
      ),
  )
}

/** A year from a later day on: index 0 becomes day `from`. */
export function yearFrom(year: Year, from: number, warmest: number): Year {
  return new LazyYear(
    (column) => year[column].subarray(from),
    (crop) => year.running(crop).subarray(from),
    warmest,
    year.safeFrom - from,
    year.frostRisk,
  )
}
