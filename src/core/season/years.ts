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
import { runningDegreeDays, type Crop } from '../crop'
import { ROOT_DEPTH, SEED_DEPTH } from './depths'
import { firstOpenDay } from './transplant-window'
import type { Year } from './year'
import { remembered } from '../memo'

type Column = 'tmin' | 'tmax' | 'soil' | 'seedbed'

/** A year whose parts are worked out when they are first asked for. */
class LazyYear implements Year {
  private readonly columns: Partial<Record<Column, Float64Array>> = {}
  private readonly sums: Partial<Record<Crop, Float64Array>> = {}
  private readonly openings: Partial<Record<Crop, number | null>> = {}
  private frost: number | null | undefined

  constructor(
    private readonly make: (column: Column) => Float64Array,
    private readonly sum: (crop: Crop) => Float64Array,
    private readonly warmest: number,
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
  opens(crop: Crop) {
    let found = this.openings[crop]
    if (found === undefined) this.openings[crop] = found = firstOpenDay(this, crop, 0)
    return found
  }
}

/** A weather series as plants in a place meet it. @param readings thermometer readings in that place */
export function yearIn(
  outside: DailySeries,
  around: SoilSurroundings,
  warmest: number,
  readings: readonly SoilReading[] = [],
): Year {
  const air = around.underCover ? insideSeries(outside) : outside
  return placeYear(outside, air, around, warmest, (crop) => runningDegreeDays(air, crop), readings)
}

function placeYear(
  outside: DailySeries,
  air: DailySeries,
  around: SoilSurroundings,
  warmest: number,
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
  )
}

/** Of an ensemble, all that its seasons need to be met in a place. */
export type Seasons = Pick<Ensemble, 'seasons' | 'warmest'>

/** What every kind of place asks of the same ensemble, worked out once for each. */
interface Worked {
  years: Map<string, Year[]>
  inside?: DailySeries[]
  sums: Map<string, Float64Array>
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
  const made = ensemble.seasons.map((season, index) =>
    placeYear(season, airs[index]!, around, ensemble.warmest, sumOf(index)),
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
      ),
  )
}

/** A year from a later day on: index 0 becomes day `from`. */
export function yearFrom(year: Year, from: number, warmest: number): Year {
  return new LazyYear(
    (column) => year[column].subarray(from),
    (crop) => year.running(crop).subarray(from),
    warmest,
  )
}
