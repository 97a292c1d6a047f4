import { onceADay } from '../../../core/garden-day'
import type { Day, GardenState } from '../../../data/garden-state'
import { addDays, type IsoDate } from '../../../core/calendar'
import {
  hangingTrusses,
  plantTraits,
  rotProneness,
  runningDegreeDays,
  thermalTraits,
} from '../../../core/crop'
import { indexOf } from '../../../core/climate'
import { emittersAlong, type Manner, type Place } from '../../../core/facts'
import type { AnyEntry } from '../../../core/entry'
import type { EntryKind } from '../../../core/log'
import { entriesOfPlant, grownAlong, plantCourse, type PlantingOutlook } from '../../../core/season'
import {
  evenness,
  dripDesign,
  dripOf,
  fixedDays,
  fruitDays,
  irrigationMinutes,
  mulchNeeded,
  dueWatering,
  nextWatering,
  waterCourse,
  trussRisks,
  WATERING_SCHOOLS,
  type WateringSchool,
  type Evenness,
  type PlaceWater,
  type TrussRisk,
} from '../../../core/watering'
import { formatDate } from '../../../wording/dates'

/** The water of one place as of a day. */
export interface PlaceWaterView {
  id: string
  name: string
  /** What grows there. */
  plants: string
  isPot: boolean
  /** Its emitters, what each gives, L/h, and whether someone has measured it. */
  drip: ReturnType<typeof dripOf>
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
  /** The same place by each school of watering: days until it is due, L. */
  school: WateringSchool
  schools: { school: WateringSchool | 'eased'; inDays: number | null; litres: number }[]
  /** Days between waterings on fixed days. */
  every: number
  /** Plants with no emitter in reach, where drip lines lie. */
  dryPlants: number
  /** L of mulch for 5 cm over it. */
  mulchLitres: number
  /** Ids of the sensors that may post for it. */
  sensors: string[]
  /** What hangs on a usual plant of each of its plantings, from the lowest truss up. */
  trusses: { plant: string; risks: TrussRisk[] }[]
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

/** Days shown before today. */
const SHOWN_BEFORE = 28

export const waterView = onceADay('waterView', (day: Day): WaterView => {
  const { state, on, manner } = day
  const places = day.water
    .map(({ place, plantings, entries, water }): PlaceWaterView => ({
      ...viewOf(place, plantings, entries, water, on, manner, day.house.watering),
      dryPlants: dryPlantsOf(state, place, plantings),
      trusses: trussesOf(day, plantings, water),
      sensors: state.devices.filter(({ placeId }) => placeId === place.id).map(({ id }) => id),
    }))
    .sort((a, b) => a.untilSlow - b.untilSlow || b.depletion / b.raw - a.depletion / a.raw)
  return { manner, on, now: state.now, places }
})

function dryPlantsOf(state: GardenState, place: Place, plantings: readonly PlantingOutlook[]): number {
  const drip = dripOf(place)
  if (!drip) return 0
  const xs = emittersAlong(place)
  const own = new Set(plantings.map(({ planting }) => planting.id))
  return dripDesign(
    { lines: place.dripLines.map((y) => xs.map((x) => ({ x, y }))), flow: drip.flow },
    {
      plants: state.plants.filter(({ plantingId }) => own.has(plantingId)),
      area: place.length * place.width,
    },
  ).dry
}

/** What the trusses of each planting's first plant risk by the water they had. */
function trussesOf(
  day: Day,
  plantings: readonly PlantingOutlook[],
  { course, states }: PlaceWater,
): PlaceWaterView['trusses'] {
  const { state, on, outlook } = day
  return plantings.flatMap((own) => {
    const { cultivar, planting, air } = own
    const plant = state.plants.find(({ plantingId }) => plantingId === planting.id)
    if (!plant) return []
    const grown = grownAlong(
      plantCourse(own, entriesOfPlant(outlook, plant.id, planting.id), on),
      plantTraits(cultivar),
    )
    const { ripening } = thermalTraits(cultivar)
    const set = hangingTrusses(grown).filter(({ truss }) => truss.set > 0)
    const running = runningDegreeDays(air, cultivar.crop)
    const first = indexOf(air, course.from)
    const risks = trussRisks(
      states,
      set.map(({ truss }) => ({ degreeDays: truss.ripeness * ripening, ripeness: truss.ripeness })),
      states.map((_, day) => running[first + day + 1]! - running[first + day]!),
      rotProneness(cultivar),
    )
    return risks.length > 0 ? [{ plant: `${cultivar.name} ${plant.label}`, risks }] : []
  })
}

/** The places that drip lines water. */
export const drippedPlaces = (day: Day) =>
  day.water.flatMap((one) => {
    const drip = dripOf(one.place)
    return drip ? [{ ...one, drip }] : []
  })

function viewOf(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly AnyEntry[],
  water: PlaceWater,
  on: IsoDate,
  manner: Manner,
  school: WateringSchool,
): Omit<PlaceWaterView, 'sensors' | 'dryPlants' | 'trusses'> {
  const { course, states, depletion, ahead } = water
  const last = states.at(-1)!
  const { next, isDry, litres } = dueWatering(water, school)
  const filled = nextWatering(0, ahead)
  const drip = dripOf(place)
  const lastOf = (kind: EntryKind) => entries.findLast((entry) => entry.kind === kind)?.on ?? null
  return {
    id: place.id,
    name: place.name,
    plants: plantings.map(({ cultivar, planting }) => `${cultivar.name} × ${planting.count}`).join(', '),
    isPot: place.pot !== null,
    drip,
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
    untilSlow: isDry ? 0 : next.untilSlow + 1,
    untilLimp: next.untilLimp + 1,
    filled: { untilSlow: filled.untilSlow + 1, untilLimp: filled.untilLimp + 1 },
    school,
    schools: [
      ...WATERING_SCHOOLS.map((school) => ({ school, ...nextWatering(depletion, ahead, { school }) })),
      { school: 'eased' as const, ...nextWatering(depletion, ahead, { eased: true }) },
    ].map(({ school, inDays, depth }) => ({
      school,
      inDays: inDays === null ? null : inDays + 1,
      litres: inDays === null ? 0 : depth * course.area,
    })),
    every: fixedDays(last, ahead[0]?.et ?? 0),
    mulchLitres: mulchNeeded(course.area),
    dripMinutes: drip && irrigationMinutes({ litres, ...drip }),
    evenness: evenness(states, fruitDays(plantings, course.from, states.length)),
    days: pointsOf(water, on, manner),
    lastWatered: lastOf('watered'),
    lastLooked: lastOf('moisture-read'),
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
  const after = waterCourse(ahead, depletion).map((state, index) => point(states.length + index, state, true))
  return [...before, ...after]
}
