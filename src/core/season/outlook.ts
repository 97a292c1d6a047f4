import { addDays, daysBetween, type IsoDate } from '../calendar'
import {
  dateInSeason,
  frostPercentiles,
  indexOf,
  seasonNumber,
  seasonStart,
  startOfSeason,
  weatherLine,
  type DailySeries,
  type DayPercentiles,
  dayPercentiles,
  type Ensemble,
  type RecordedDay,
  type WeatherLine,
} from '../climate'
import { thermalTraits } from '../crop'
import { effectiveEntries, entriesAbout, type AnyEntry } from '../entry'
import { remembered } from '../memo'
import { holdsOn, type GardenCultivar, type Place, type Planting } from '../facts'
import type { DateBias } from './date-bias'
import { placeWeather, type PlaceWeather } from './place-weather'
import { plantingDates } from './planting-dates'
import { bearingSum, stagePlan, type StagePlan, type TurningDays } from './stage-days'
import type { PlantingDates, StageDate } from './stages'
import { underCloth } from './covered'
import { growthOf, phaseOf, standsFrom, standsOf, type Phase, type Stands } from './stands'
import { plannedOpening, transplantWindow, type TransplantWindow } from './transplant-window'
import type { Year } from './year'

/** Facts and log: everything but the weather that an outlook is derived from. */
export interface GardenFacts<One extends AnyEntry = AnyEntry> {
  ensemble: Ensemble
  places: readonly Place[]
  cultivars: readonly GardenCultivar[]
  plantings: readonly Planting[]
  entries: readonly One[]
  /** By what of its own record a garden's dates are moved; none unless it is followed. */
  biases?: readonly DateBias[]
}

/** Facts, log and weather. */
export interface GardenRecord<One extends AnyEntry = AnyEntry> extends GardenFacts<One> {
  weather: readonly RecordedDay[]
}

/** One planting as it stands on the day asked for. */
export interface PlantingOutlook<One extends AnyEntry = AnyEntry> {
  planting: Planting
  cultivar: GardenCultivar
  place: Place
  /** First day of its season. */
  start: IsoDate
  /** The planting's entries that count, oldest first. */
  entries: One[]
  plan: StagePlan
  window: TransplantWindow
  /** The middle turning days over the courses that its season can take. */
  turns: TurningDays
  dates: PlantingDates
  /** The line's air about the plants: the inside's where they stand under cover. */
  air: DailySeries
  /** °C at root depth in its place, a value for each day of the line. */
  soil: Float64Array
  phase: Phase
  stands: Stands | null
  /** The day from which it stands where it grows, or is to stand there. */
  begins: StageDate
  end: PlantingEnd
  /** °C d that it has grown where it stands by today, see {@link growthOf}; null: it never stood. */
  grownFor: number | null
}

/** The last day of a planting, and what ends it: it was cleared, is to have borne all it will, or meets the frost. */
export interface PlantingEnd {
  on: IsoDate | null
  kind: 'cleared' | 'borne' | 'frost'
}

/** The garden as of a day. */
export interface SeasonOutlook<One extends AnyEntry = AnyEntry> {
  today: IsoDate
  /** The season that today falls in, and its first day. */
  season: number
  start: IsoDate
  line: WeatherLine
  /** The garden's entries that count on the day, oldest first. */
  counted: One[]
  ensemble: Ensemble
  frost: { lastSpring: DayPercentiles; firstAutumn: DayPercentiles }
  /** Of this season. */
  plantings: PlantingOutlook<One>[]
  /** Planned for the season to come. */
  coming: PlantingOutlook<One>[]
}

/** The line begins this long before the season, so that soil has settled, and runs past the end of the next. */
const DAYS_BEFORE = 60
const LINE_DAYS = 985

/**
 * This season's weather in a single line, as of one day.
 *
 * @param today the day asked for; it may lie ahead
 * @param forecast the latest that is known on that day, from its day of issue on; before it the record counts
 * @param known the first day without a record
 */
export function seasonLine(
  { ensemble, weather }: Pick<GardenRecord, 'ensemble' | 'weather'>,
  today: IsoDate,
  forecast: DailySeries | null,
  known: IsoDate = today,
): WeatherLine {
  const { normals } = ensemble
  return weatherLine({
    normals,
    from: addDays(seasonStart(normals, today), -DAYS_BEFORE),
    days: LINE_DAYS,
    today: known,
    record: weather,
    forecast,
  })
}

/** Everything that is dated, as of one day, from facts, log and weather; see {@link seasonLine}. */
export function seasonOutlook<One extends AnyEntry>(
  garden: GardenRecord<One>,
  today: IsoDate,
  forecast: DailySeries | null,
  known: IsoDate = today,
): SeasonOutlook<One> {
  return outlookAlong(garden, seasonLine(garden, today, forecast, known), today)
}

/** As {@link seasonOutlook}, along a line that is known. */
export function outlookAlong<One extends AnyEntry>(
  garden: GardenFacts<One>,
  line: WeatherLine,
  today: IsoDate,
): SeasonOutlook<One> {
  const { ensemble } = garden
  const start = seasonStart(ensemble.normals, today)
  const season = seasonNumber(start)
  const entries = effectiveEntries(garden.entries, today)
  const ofSeason = (number: number): PlantingOutlook<One>[] => {
    const own = garden.plantings.filter((planting) => planting.season === number)
    if (own.length === 0) return []
    const first = startOfSeason(ensemble.normals, number)
    const weatherIn = placeWeather(ensemble, line, first, entries)
    return own.flatMap((planting) => outlookOf(garden, planting, { entries, weatherIn, today, start: first }))
  }
  return {
    today,
    season,
    start,
    line,
    counted: entries,
    ensemble,
    frost: frostPercentiles(ensemble),
    plantings: ofSeason(season),
    coming: ofSeason(season + 1),
  }
}

/** Every planting that is told of: this season's, then those of the season to come. */
export const allPlantings = <One extends AnyEntry>({
  plantings,
  coming,
}: Pick<SeasonOutlook<One>, 'plantings' | 'coming'>): PlantingOutlook<One>[] => [...plantings, ...coming]

/** One planting alone, as of a day; null: neither it nor its place is there. */
export function plantingAsOf<One extends AnyEntry>(
  garden: GardenFacts<One>,
  planting: Planting,
  line: WeatherLine,
  today: IsoDate,
): PlantingOutlook<One> | null {
  const { ensemble } = garden
  const start = startOfSeason(ensemble.normals, planting.season)
  const entries = effectiveEntries(garden.entries, today)
  const weatherIn = placeWeather(ensemble, line, start, entries)
  return outlookOf(garden, planting, { entries, weatherIn, today, start })[0] ?? null
}

function outlookOf<One extends AnyEntry>(
  garden: GardenFacts<One>,
  planting: Planting,
  {
    entries,
    weatherIn,
    today,
    start,
  }: { entries: One[]; weatherIn: (place: Place) => PlaceWeather; today: IsoDate; start: IsoDate },
): PlantingOutlook<One>[] {
  const cultivar = garden.cultivars.find(({ id }) => id === planting.cultivarId)
  const place = garden.places.find((place) => place.id === planting.placeId && holdsOn(place, today))
  if (!cultivar || !place) return []
  const own = entriesAbout(entries, { type: 'planting', id: planting.id })
  const key = JSON.stringify([today, planting, cultivar, place, own, garden.biases])
  const weather = weatherIn(place)
  const outlook = remembered(weather, `outlook ${key}`, () =>
    plantingOutlook(
      { planting, cultivar, place, entries: own },
      underCloth(weather, own, indexOf(weather.air, start), garden.ensemble.warmest),
      { today, start, biases: garden.biases },
    ),
  )
  // What is remembered under these entries holds entries like them.
  return [outlook as PlantingOutlook<One>]
}

function plantingOutlook(
  facts: Pick<PlantingOutlook, 'planting' | 'cultivar' | 'place' | 'entries'>,
  { air, whole, here, courses }: PlaceWeather,
  { today, start, biases }: { today: IsoDate; start: IsoDate; biases: GardenFacts['biases'] },
): PlantingOutlook {
  const { planting, cultivar, entries } = facts
  const window = transplantWindow(courses, cultivar.crop, thermalTraits(cultivar), bearingSum(cultivar))
  const day = (date: IsoDate) => daysBetween(start, date)
  const plan = stagePlan(planting, cultivar, entries, today, day, window.plans, biases)
  const turns = { opens: plannedOpening(window), frost: middleFrost(courses) }
  const dates = plantingDates({ plan, line: here, taken: turns, courses, seasonStart: start })
  const stands = standsOf(planting, entries)
  const { 'set-out': setOut } = dates
  return {
    ...facts,
    start,
    plan,
    window,
    turns,
    dates,
    air,
    soil: whole.soil,
    phase: phaseOf(planting, entries),
    stands,
    begins: setOut.how === 'logged' ? setOut : dates[standsFrom(planting)],
    end: endOf(cultivar, dates, turns.frost === null ? null : dateInSeason(start, turns.frost)),
    grownFor: stands && growthOf({ planting, cultivar, air, stands, plan })(indexOf(air, today)),
  }
}

/** A determinate that has borne is done, whatever the weather; else the frost ends it. */
function endOf(
  cultivar: GardenCultivar,
  { end, ...dates }: PlantingDates,
  frost: IsoDate | null,
): PlantingEnd {
  if (end.how === 'logged') return { on: end.date, kind: 'cleared' }
  const isBush = cultivar.crop === 'tomato' && cultivar.habit === 'determinate'
  const hasBorne =
    isBush && end.date !== null && dates['first-ripe'].date !== null && (frost === null || end.date < frost)
  return { on: end.date, kind: hasBorne ? 'borne' : 'frost' }
}

/**
 * The dates of one planting in this year's line alone, without spreads: for a date that is being moved.
 *
 * @param season its first day, and days from there to the warmest
 * @param taken the middle turning days of its place
 */
export function datesAlong(
  facts: Omit<GardenFacts, 'plantings' | 'ensemble'>,
  season: { start: IsoDate; warmest: number },
  line: WeatherLine,
  today: IsoDate,
  planting: Planting,
  taken: TurningDays,
): PlantingDates | null {
  const cultivar = facts.cultivars.find(({ id }) => id === planting.cultivarId)
  const place = facts.places.find(({ id }) => id === planting.placeId)
  if (!cultivar || !place) return null
  const { start, warmest } = season
  const entries = effectiveEntries(facts.entries, today)
  const own = entriesAbout(entries, { type: 'planting', id: planting.id })
  const weather = placeWeather({ seasons: [], warmest }, line, start, entries)(place)
  const { here } = underCloth(weather, own, indexOf(weather.air, start), warmest)
  const day = (date: IsoDate) => daysBetween(start, date)
  const plan = stagePlan(planting, cultivar, own, today, day, undefined, facts.biases)
  return plantingDates({ plan, line: here, taken, courses: [], seasonStart: start })
}

const middleFrost = (courses: readonly Year[]): number | null =>
  remembered(
    courses,
    'middle frost',
    () =>
      dayPercentiles(
        courses.map(({ firstFrost }) => firstFrost),
        'after',
      ).p50,
  )

/** The weather of a planting's place as an outlook sees it, from its own season's start. */
export const weatherOf = (
  { ensemble, line, counted }: SeasonOutlook,
  { start, place }: PlantingOutlook,
): PlaceWeather => placeWeather(ensemble, line, start, counted)(place)
