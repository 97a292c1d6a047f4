import type { Day, GardenState } from '../../data/garden-state'
import { dayOf } from '../../core/garden-day'
import { addDays, daysBetween, earlierOf, laterOf, type IsoDate } from '../../core/calendar'
import {
  dateInSeason,
  expectedSeries,
  frostRisk,
  indexOf,
  OPEN_GROUND,
  soilTemperatures,
} from '../../core/climate'
import type { Manner } from '../../core/facts'
import {
  firstPick,
  readingsIn,
  ROOT_DEPTH,
  seasonInView,
  type SeasonInView,
  type SeasonOutlook,
  type StageDate,
} from '../../core/season'
import { mannerOf } from '../../data/garden-row'
import { remembered } from '../../core/memo'

/** What the ribbon draws: a value a day from `start`; °C, mm, m/s, and the share of years with frost. */
export interface RibbonData {
  garden: string
  manner: Manner
  now: IsoDate
  start: IsoDate
  days: number
  usualLow: number[]
  soil: number[]
  risk: number[]
  high: number[]
  low: number[]
  rain: number[]
  wind: number[]
  /** r recorded, f forecast, s simulated, n normal: a letter a day. */
  sources: string
  lanes: { name: 'under cover' | 'in the ground' | 'bearing'; from: number; to: number }[]
}

/** Days shown before the first sowing and after the last frost; seeds of peppers are sown this long before. */
const MARGIN = 12
const SOWING_LEAD = 63

/** The ribbon of a garden as of its own date; the same until the garden changes. */
export const ribbonOf = (state: GardenState): RibbonData =>
  remembered(state, 'ribbon', () => workRibbon(state))

function workRibbon(state: GardenState): RibbonData {
  const outlook = dayOf(state, state.now).outlook
  const { air, sources } = outlook.line
  const inView = seasonInView(outlook)
  const [start, end] = span(inView, outlook, state.now)
  const days = daysBetween(start, end) + 1
  const from = indexOf(air, start)
  const soilLine = soilTemperatures(air, ROOT_DEPTH, OPEN_GROUND)
  const usual = expectedSeries(state.record.ensemble.normals, air.from + from, days)
  const risk = frostRisk(state.record.ensemble)
  const offset = daysBetween(outlook.start, start)
  const part = (column: Float64Array) => rounded(column.subarray(from, from + days), 1)
  return {
    garden: state.garden.name,
    manner: mannerOf(state.garden),
    now: state.now,
    start,
    days,
    usualLow: rounded(usual.tmin, 1),
    soil: part(soilOfGarden(dayOf(state, state.now)) ?? soilLine),
    risk: rounded(
      Float64Array.from({ length: days }, (_, day) => weekMean(risk, offset + day)),
      3,
    ),
    high: part(air.tmax),
    low: part(air.tmin),
    rain: part(air.rain),
    wind: part(air.wind),
    sources: sources
      .slice(from, from + days)
      .map((source) => source.charAt(0))
      .join(''),
    lanes: lanesOf(inView, start, end),
  }
}

/** The soil of the open ground, brought to a thermometer that was read in it. */
function soilOfGarden(day: Day): Float64Array | null {
  const { state, outlook } = day
  const readings = state.record.places
    .filter(({ kind }) => kind === 'bed' || kind === 'rows')
    .flatMap((place) => readingsIn(place, outlook.counted))
  return readings.length === 0 ? null : soilTemperatures(outlook.line.air, ROOT_DEPTH, OPEN_GROUND, readings)
}

/** From the first sowing to the last frost of the season that the garden lives in, with today in it. */
function span(
  { plantings, start: seasonBegins }: SeasonInView,
  { frost }: SeasonOutlook,
  now: IsoDate,
): [IsoDate, IsoDate] {
  const sowings = plantings.flatMap(({ dates }) => (dates.sow.date === null ? [] : [dates.sow.date]))
  const lastFrost = frost.lastSpring.p50
  const firstSowing = sowings.reduce(
    earlierOf,
    dateInSeason(seasonBegins, (lastFrost ?? SOWING_LEAD + MARGIN) - SOWING_LEAD + 14),
  )
  const seasonEnd = addDays(seasonBegins, 364)
  const { p90 } = frost.firstAutumn
  const lastDay = p90 === null ? seasonEnd : dateInSeason(seasonBegins, p90 + MARGIN)
  const start = earlierOf(addDays(firstSowing, -MARGIN), now)
  return [
    laterOf(start, earlierOf(addDays(seasonBegins, -30), now)),
    earlierOf(laterOf(lastDay, addDays(now, MARGIN)), addDays(seasonEnd, 30)),
  ]
}

function lanesOf({ plantings }: SeasonInView, start: IsoDate, end: IsoDate): RibbonData['lanes'] {
  const between = (name: RibbonData['lanes'][number]['name'], from: StageDate[], to: StageDate[]) => {
    const first = from.flatMap(({ date }) => (date === null ? [] : [date])).sort()[0]
    const last =
      to
        .flatMap(({ date }) => (date === null ? [] : [date]))
        .sort()
        .at(-1) ?? end
    if (first === undefined || first > end || last < start) return []
    return [
      { name, from: daysBetween(start, laterOf(first, start)), to: daysBetween(start, earlierOf(last, end)) },
    ]
  }
  const stage = (name: keyof (typeof plantings)[number]['dates']) => plantings.map(({ dates }) => dates[name])
  return [
    ...between('under cover', stage('sow'), stage('set-out')),
    ...between('in the ground', stage('set-out'), stage('end')),
    ...between(
      'bearing',
      plantings.map(({ dates }) => firstPick(dates)),
      stage('end'),
    ),
  ]
}

function weekMean(values: Float64Array, at: number): number {
  let sum = 0
  for (let day = at - 3; day <= at + 3; day++) sum += values[(day + 3650) % 365]!
  return sum / 7
}

const rounded = (values: ArrayLike<number>, digits: number) =>
  Array.from(values, (value) => Number(value.toFixed(digits)))
