import { addDays, daysBetween, type IsoDate } from '../../core/calendar'
import { rotProneness } from '../../core/crop'
import { emittersAlong, holdsOn, type LogEntry, type Manner, type Place } from '../../core/facts'
import type { PlantingOutlook } from '../../core/season'
import {
  evenness,
  irrigationMinutes,
  nextWatering,
  placeCourse,
  placeWater,
  ROT_AGE,
  USUAL_FLOW,
  type Evenness,
  type PlaceWater,
} from '../../core/watering'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/gardens'
import { formatDate } from '../../wording/dates'

/** The water of one place as of a day. */
export interface PlaceWaterView {
  id: string
  name: string
  /** What grows there. */
  plants: string
  isPot: boolean
  hasDrip: boolean
  mulched: boolean
  /** m² that its water is over. */
  area: number
  /** Depletion, RAW and TAW, mm; L that refill it now. */
  depletion: number
  raw: number
  taw: number
  toFill: number
  /** L a day now. */
  need: number
  /** Days until it is due, null: not in sight; until growth slows and leaves are limp. */
  inDays: number | null
  dueOn: IsoDate | null
  litres: number
  splits: number
  untilSlow: number
  untilLimp: number
  /** The same if it were watered through today. */
  filled: { untilSlow: number; untilLimp: number }
  dripMinutes: number | null
  evenness: Evenness
  days: BalancePoint[]
  /** Date of the last watering, and of the last look at its soil. */
  lastWatered: IsoDate | null
  lastLooked: IsoDate | null
}

/** A day of the chart, mm. */
export interface BalancePoint {
  name: string
  depletion: number
  trigger: number
  rain: number
  watering: number
  ahead: boolean
}

export interface WaterView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  places: PlaceWaterView[]
}

/** Days looked ahead, and shown before today. */
const AHEAD = 14
const SHOWN_BEFORE = 28
const COLOURING_BEFORE_RIPE = 10

export function waterView(state: GardenState, on: IsoDate): WaterView {
  const outlook = outlookOn(state, on)
  const manner = mannerOf(state.garden)
  const { latitude, elevation, longitude, soil } = state.garden
  const places = state.record.places
    .filter((place) => holdsOn(place, on))
    .flatMap((place): PlaceWaterView[] => {
      const plantings = outlook.plantings.filter((own) => own.place.id === place.id && own.grownFor !== null)
      const entries = outlook.counted.filter(
        ({ subject }) => subject.type === 'place' && subject.id === place.id,
      )
      const course = placeCourse(
        place,
        plantings,
        entries,
        { site: { latitude, longitude, elevation }, soil },
        addDays(on, AHEAD),
      )
      return course ? [viewOf(place, plantings, entries, placeWater(course, on), on, manner)] : []
    })
    .sort((a, b) => a.untilSlow - b.untilSlow || b.depletion / b.raw - a.depletion / a.raw)
  return { manner, on, now: state.now, places }
}

function viewOf(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly LogEntry[],
  water: PlaceWater,
  on: IsoDate,
  manner: Manner,
): PlaceWaterView {
  const { course, states, depletion, ahead } = water
  const last = states.at(-1)!
  const next = nextWatering(depletion, ahead)
  const filled = nextWatering(0, ahead)
  const emitters = place.dripLines.length * emittersAlong(place).length
  const litres = (next.inDays === null ? 0 : next.depth) * course.area
  const lastOf = (kind: LogEntry['kind']) => entries.findLast((entry) => entry.kind === kind)?.on ?? null
  return {
    id: place.id,
    name: place.name,
    plants: plantings.map(({ cultivar, planting }) => `${cultivar.name} × ${planting.count}`).join(', '),
    isPot: place.pot !== null,
    hasDrip: emitters > 0,
    mulched: place.mulch !== 'bare',
    area: course.area,
    depletion,
    raw: last.raw,
    taw: last.taw,
    toFill: depletion * course.area,
    need: (ahead[0]?.et ?? 0) * course.area,
    inDays: next.inDays === null ? null : next.inDays + 1,
    dueOn: next.inDays === null ? null : addDays(on, next.inDays + 1),
    litres,
    splits: next.splits,
    untilSlow: depletion > last.raw ? 0 : next.untilSlow + 1,
    untilLimp: next.untilLimp + 1,
    filled: { untilSlow: filled.untilSlow + 1, untilLimp: filled.untilLimp + 1 },
    dripMinutes: emitters > 0 ? irrigationMinutes({ litres, emitters, flow: USUAL_FLOW }) : null,
    evenness: evenness(states, fruitOf(plantings, course.from, states.length)),
    days: pointsOf(water, on, manner),
    lastWatered: lastOf('watered'),
    lastLooked: lastOf('moisture-read'),
  }
}

/** On which days young fruit hang, and fruit colour, by the dates of what grows there. */
function fruitOf(plantings: readonly PlantingOutlook[], from: IsoDate, count: number) {
  const young = Array.from({ length: count }, () => false)
  const colouring = Array.from({ length: count }, () => false)
  for (const { dates } of plantings) {
    const [flower, ripe] = [dates['first-flower'].date, dates['first-ripe'].date]
    for (let day = 0; day < count; day++) {
      const date = addDays(from, day)
      // Trusses follow one another: from the first on, some are always young.
      if (flower && daysBetween(flower, date) >= ROT_AGE[0]) young[day] = true
      if (ripe && daysBetween(date, ripe) <= COLOURING_BEFORE_RIPE) colouring[day] = true
    }
  }
  return {
    young,
    colouring,
    proneness: Math.max(0, ...plantings.map(({ cultivar }) => rotProneness(cultivar))),
  }
}

function pointsOf(
  { course, states, ahead, depletion }: PlaceWater,
  on: IsoDate,
  manner: Manner,
): BalancePoint[] {
  const scale = manner.units === 'us' ? 1 / 25.4 : 1
  const rounded = (value: number) => Math.round(value * scale * 100) / 100
  const start = Math.max(0, states.length - SHOWN_BEFORE)
  const point = (
    day: number,
    {
      depletion: gone,
      raw,
      rain,
      irrigation,
    }: { depletion: number; raw: number; rain: number; irrigation: number },
    isAhead: boolean,
  ): BalancePoint => ({
    name: formatDate(addDays(course.from, day), manner, 'short'),
    depletion: rounded(gone),
    trigger: rounded(raw),
    rain: rounded(rain),
    watering: rounded(irrigation),
    ahead: isAhead,
  })
  const before = states.slice(start).map((state, index) => point(start + index, state, false))
  let gone = depletion
  const after = ahead.map((day, index) => {
    const raw = day.zone.raw
    gone = Math.min(day.zone.taw, Math.max(0, gone - day.rain) + day.et)
    return point(states.length + index, { depletion: gone, raw, rain: day.rain, irrigation: 0 }, true)
  })
  return [...before, ...after]
}
