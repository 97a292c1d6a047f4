import { convertFromSi } from '../../../core/quantity'
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
import { emittersAlong, type Manner, type Place, type SoilTexture } from '../../../core/facts'
import type { AnyEntry } from '../../../core/entry'
import type { EntryKind } from '../../../core/log'
import { entriesOfPlant, grownAlong, plantCourse, type PlantingOutlook } from '../../../core/season'
import {
  evenness,
  dripDesign,
  dripOf,
  fruitDays,
  irrigationMinutes,
  mulchNeeded,
  dueWatering,
  nextWatering,
  waysToWater,
  infiltration,
  soakingOf,
  waterCourse,
  trussRisks,
  type Soaking,
  type WateringSchool,
  type WayOfPlace,
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
  /** mm per hour that its ground takes in, and how the water is given in turns where it comes faster; null: a pot. */
  soaking: { takesIn: number; drip: Soaking | null; hand: Soaking | null } | null
  evenness: Evenness
  /** What its water is told in: L or gal of a pot, mm or in of the ground. */
  unit: 'L' | 'gal' | 'mm' | 'in'
  days: BalancePoint[]
  /** Date of the last watering, and of the last look at its soil. */
  lastWatered: IsoDate | null
  lastLooked: IsoDate | null
  /** The same place by each way of watering, and the one that the house keeps to. */
  school: WateringSchool
  ways: WayOfPlace[]
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
  soil: SoilTexture
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
  return { manner, on, now: state.now, soil: state.garden.soil, places }
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
      plantCourse(own, entriesOfPlant(outlook, plant.id, planting.id), on, day.vigour(own)),
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
  const { inDays, isDry, litres, splits, untilSlow, untilLimp } = dueWatering(water, school)
  const filled = nextWatering(0, ahead)
  const drip = dripOf(place)
  const dripMinutes = drip && irrigationMinutes({ litres, ...drip })
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
    inDays,
    dueOn: inDays === null ? null : addDays(on, inDays),
    litres,
    splits,
    untilSlow: isDry ? 0 : untilSlow + 1,
    untilLimp: untilLimp + 1,
    filled: { untilSlow: filled.untilSlow + 1, untilLimp: filled.untilLimp + 1 },
    school,
    ways: waysToWater(water),
    mulchLitres: mulchNeeded(course.area),
    dripMinutes,
    soaking: course.soil && { takesIn: infiltration(course.soil), ...soakingOf(place, course, litres) },
    evenness: evenness(states, fruitDays(plantings, course.from, states.length)),
    unit: unitOfBalance(place, manner),
    days: pointsOf(place, water, on, manner),
    lastWatered: lastOf('watered'),
    lastLooked: lastOf('moisture-read'),
  }
}

const MM_A_METRE = 1000

/** What the water of a root zone is told in: of a pot as one waters it, of the ground as rain is measured. */
const unitOfBalance = ({ pot }: Place, { units }: Manner) =>
  pot ? (units === 'us' ? 'gal' : 'L') : units === 'us' ? 'in' : 'mm'

function pointsOf(
  place: Place,
  { course, states, ahead, depletion }: PlaceWater,
  on: IsoDate,
  manner: Manner,
): BalancePoint[] {
  const scale = place.pot
    ? convertFromSi(course.area, 'volume', unitOfBalance(place, manner))
    : convertFromSi(1 / MM_A_METRE, 'length', unitOfBalance(place, manner))
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
