import { addDays, daysBetween, type IsoDate } from '../calendar'
import {
  dateInSeason,
  frostPercentiles,
  indexOf,
  seasonStart,
  soilTemperatures,
  type DailySeries,
  type SoilReading,
  type WeatherLine,
} from '../climate'
import { entriesAbout } from '../entry'
import { surroundingsOf, type Place } from '../facts'
import { cropForecast, dayOf, fewOf, lineOn, type GardenSnapshot } from '../garden-day'
import { ofKind } from '../log'
import { quantile } from '../random'
import { firstPick, plantingAsOf, readingsIn, type PlantingOutlook, type StageDate } from '../season'
import { gardenWater } from '../watering'
import { happenedIn } from './happened'
import { LEADS, type Happened, type Hindcast, type Lead } from './hindcast'

/** Seasons back that forecasts are made again for. */
const SEASONS_BACK = 4

/** A forecast to be made again: of what, and how long before. */
interface Asked {
  of: Happened
  lead: Lead | null
}

/**
 * Makes the forecasts of the last seasons again, each from what was known on its day, and holds them against what the
 * record says came. Nothing that was learnt from earlier ones is taken into them. Yields the share done.
 *
 * @param state with the weather of those seasons
 */
export function* hindcasting(state: GardenSnapshot): Generator<number, Hindcast[]> {
  const byDay = new Map<IsoDate, Asked[]>()
  let count = 0
  for (const of of happenedIn(state, SEASONS_BACK))
    for (const lead of of.kind === 'last-frost' ? [null] : LEADS) {
      const on = lead === null ? of.fair : addDays(of.on, -lead)
      if (on < of.fair) continue
      byDay.set(on, [...(byDay.get(on) ?? []), { of, lead }])
      count++
    }
  const made: Hindcast[] = []
  let done = 0
  for (const [on, asked] of [...byDay].sort(([a], [b]) => (a < b ? -1 : 1))) {
    // What is worked out along a day's line goes with it: hundreds of lines would fill the memory.
    const then: GardenSnapshot = {
      ...state,
      record: { ...state.record, biases: [], weather: [...state.record.weather] },
    }
    for (const { of, lead } of asked) {
      const found = forecastOf({ then, whole: state }, of, on)
      if (found !== null) {
        const { kind, crop, subject, on: came } = of
        made.push({ kind, crop, subject, on: came, lead, ...found })
      }
      yield ++done / count
    }
  }
  return made
}

/** A garden as of one day, which goes with it, and as it is kept: the same snapshot. */
interface Seen {
  then: GardenSnapshot
  whole: GardenSnapshot
}

type Outcome = Pick<Hindcast, 'error' | 'inside'>

/** What was foretold on a day against what came; null: nothing was. */
function forecastOf(seen: Seen, of: Happened, on: IsoDate): Outcome | null {
  switch (of.kind) {
    case 'seedlings':
      return ofDate(seen, of, on, ({ dates }) => dates.emerge)
    case 'first-flower':
      return ofDate(seen, of, on, ({ dates }) => dates['first-flower'])
    case 'first-ripe':
      return ofDate(seen, of, on, ({ dates }) => firstPick(dates))
    case 'crop':
      return ofCrop(seen, of, on)
    case 'last-frost':
      return ofLastFrost(seen.then, of)
    case 'soil':
      return ofSoil(seen.then, of, on)
    case 'water':
      return ofWater(seen.then, of, on)
  }
}

/** A planting as it was seen on a day. */
function asOf(state: GardenSnapshot, { subject }: Happened, on: IsoDate): PlantingOutlook | null {
  const planting = state.record.plantings.find(({ id }) => id === subject.id)
  return planting ? plantingAsOf(state.record, planting, lineOn(state, on), on) : null
}

function ofDate(
  { then }: Seen,
  of: Happened,
  on: IsoDate,
  stage: (own: PlantingOutlook) => StageDate,
): Outcome | null {
  const own = asOf(then, of, on)
  if (!own) return null
  const { date, spread } = stage(own)
  return {
    error: date === null ? null : daysBetween(date, of.on),
    inside:
      spread === null || spread.p10 === spread.p90
        ? null
        : spread.p10 !== null && of.on >= spread.p10 && (spread.p90 === null || of.on <= spread.p90),
  }
}

/** A season's crop as the Basket foretold it on the day that it stood, with its spread over the seasons that could follow. */
function ofCrop({ then, whole }: Seen, of: Happened, on: IsoDate): Outcome | null {
  const own = asOf(then, of, on)
  if (!own) return null
  const { kg, low, high } = cropForecast(dayOf(whole, of.fair), own)
  if (kg <= 0) return { error: null, inside: false }
  const aPlant = of.value / own.planting.count
  return { error: aPlant / kg - 1, inside: aPlant >= low && aPlant <= high }
}

function ofLastFrost({ record }: GardenSnapshot, { on, fair }: Happened): Outcome {
  const { p10, p50, p90 } = frostPercentiles(record.ensemble).lastSpring
  const at = (offset: number) => dateInSeason(fair, offset)
  return {
    error: p50 === null ? null : daysBetween(at(p50), on),
    inside: (p10 === null || on >= at(p10)) && p90 !== null && on <= at(p90),
  }
}

/** The soil of a place at the depth of a reading, from its air and the readings before. */
function ofSoil(state: GardenSnapshot, of: Happened, on: IsoDate): Outcome | null {
  const { record } = state
  const place = record.places.find(({ id }) => id === of.subject.id)
  const read = ofKind(
    entriesAbout(
      record.entries.filter((entry) => entry.on === of.on),
      of.subject,
    ),
    'soil-read',
  ).at(-1)
  if (!place || !read) return null
  const known = record.entries.filter((entry) => entry.on <= on)
  const readings = readingsIn(place, known)
  const line = lineOn(state, on)
  const at = (air: DailySeries) => soilAt(air, read.data.depth, place, readings, of.on)
  const soil = at(line.air)
  if (soil === null) return null
  const few = fewOf(record.ensemble).seasons.flatMap(
    (season) => at(withSeason(line, season, state, on)) ?? [],
  )
  const [low, high] = [quantile(few, 0.1), quantile(few, 0.9)]
  return { error: of.value - soil, inside: of.value >= low && of.value <= high }
}

function soilAt(
  air: DailySeries,
  depth: number,
  place: Place,
  readings: readonly SoilReading[],
  on: IsoDate,
): number | null {
  const at = indexOf(air, on)
  return at < 0 || at >= air.days ? null : soilTemperatures(air, depth, surroundingsOf(place), readings)[at]!
}

/** The line as one season of the ensemble would go on from what is known on a day. */
function withSeason(
  { air, sources }: WeatherLine,
  season: DailySeries,
  { record }: GardenSnapshot,
  on: IsoDate,
): DailySeries {
  const first = indexOf(air, seasonStart(record.ensemble.normals, on))
  let from = indexOf(air, on)
  while (from < sources.length && sources[from] !== 'normal') from++
  const joined = { ...air, tmin: air.tmin.slice(), tmax: air.tmax.slice(), solar: air.solar.slice() }
  for (const field of ['tmin', 'tmax', 'solar'] as const)
    joined[field].set(season[field].subarray(from - first, Math.min(season.days, air.days - first)), from)
  return joined
}

/** The water of a place without what was read since, against the reading. */
function ofWater(state: GardenSnapshot, of: Happened, on: IsoDate): Outcome | null {
  const { record, garden, readings } = state
  const isKnown = (date: IsoDate) => date <= on || date === of.on
  const then: GardenSnapshot = {
    ...state,
    readings: readings.filter((one) => one.placeId === of.subject.id && isKnown(one.on)),
    record: {
      ...record,
      entries: record.entries.filter((entry) => entry.kind !== 'moisture-read' || isKnown(entry.on)),
      plantings: record.plantings.filter(({ placeId }) => placeId === of.subject.id),
    },
  }
  const { outlook } = dayOf(then, of.on)
  const { latitude, longitude, elevation, soil } = garden
  const [watered] = gardenWater(
    outlook,
    {
      site: { latitude, longitude, elevation },
      soil,
      places: record.places.filter(({ id }) => id === of.subject.id),
      readings: then.readings,
    },
    0,
  )
  if (!watered || watered.water.course.from > on) return null
  const found = watered.water.states.at(-1)
  return found ? { error: found.corrected / found.taw, inside: null } : null
}
