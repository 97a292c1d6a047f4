import { addDays, dayOfYear, daysBetween, type IsoDate } from '../calendar'
import {
  indexOf,
  referenceEvapotranspiration,
  saturationPressure,
  weatherAt,
  type DailySeries,
  type DayWeather,
} from '../climate'
import { filledHeight, potVolume } from '../containers'
import { canopyWidth, grownHeight, grownWidth } from '../crop'
import type { AnyEntry } from '../entry'
import { potOf, type Place, type Site, type SoilTexture } from '../facts'
import { growthOf, stageEntries, toldFrom, type PlantingOutlook, type WateredLately } from '../season'
import { cropCoefficient } from './crop-coefficient'
import { waterEntries, type MoistureRead } from './entries'
import { MULCH_SAVES } from './mulch'
import { potNeed } from './pot-water'
import { depletionOfContent, depletionOfFeel } from './readings'
import { availableWater, MIX_AVAILABLE, MIX_WILTING, rootDepth, rootZone, wiltingPoint } from './root-zone'
import { waterCourse, type WaterDay, type WaterState } from './water-course'

/** The water of a place from the day that its first plants stood there on: the days with their plants' need. */
export interface PlaceCourse {
  from: IsoDate
  days: WaterDay[]
  /** m² that a mm of it is over: the ground that its plants drink from. */
  area: number
  /** Its ground; null: a pot's mix. */
  soil: SoilTexture | null
}

/** The balance up to a day, and the days after it without irrigation. */
export interface PlaceWater {
  course: PlaceCourse
  states: WaterState[]
  /** mm, at the day's end. */
  depletion: number
  ahead: WaterDay[]
}

const LAST_MONTH = 30
/** mm d⁻¹ on a pot's top, beyond which its mix is empty within the day all the same. */
const MOST_ET = 100
/** mm d⁻¹: what is given beyond it drains all the same. */
const MOST_IRRIGATION = 10_000
/** mm d⁻¹ for which the readily taken share is given [FAO-56 table 22]. */
const USUAL_ETC = 5

interface Standing {
  own: PlantingOutlook
  from: number
  /** °C d that it has grown by the morning of a day. */
  growth: (index: number) => number
}

/**
 * A place's water by day: ETc of its plants, rain, and what the log says it was given and found; null while nothing
 * stood in it.
 *
 * @param entries of the place, oldest first
 * @param until the last day
 */
export function placeCourse(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly AnyEntry[],
  garden: { site: Site; soil: SoilTexture },
  until: IsoDate,
): PlaceCourse | null {
  const standing = plantings.flatMap((own): Standing[] => {
    if (!own.stands) return []
    const from = toldFrom({ stands: own.stands, entries: own.entries })
    return [{ own, from: Math.max(0, indexOf(own.air, from)), growth: growthOf(own) }]
  })
  const first = standing.reduce<number | null>(
    (least, { from }) => (least === null ? from : Math.min(least, from)),
    null,
  )
  const air = standing[0]?.own.air
  if (first === null || !air) return null
  const last = Math.min(air.days - 1, indexOf(air, until))
  const pot = potOf(place)
  const area = pot ? potVolume(pot).filled / 1000 / filledHeight(pot) : groundOf(place, standing)
  const from = addDays(until, indexOf(air, until) * -1 + first)
  const watered = waterEntries(entries, 'watered').filter(({ on }) => on >= from)
  const given = sumBy(watered, from, ({ data }) => data.litres)
  const found = new Map(
    waterEntries(entries, 'moisture-read').map((entry) => [daysBetween(from, entry.on), entry] as const),
  )
  const after = sumBy(
    watered.filter(({ on, at }) => at > (found.get(daysBetween(from, on))?.at ?? at)),
    from,
    ({ data }) => data.litres,
  )
  const days: WaterDay[] = []
  for (let index = first; index <= last; index++) {
    const grown = standing.filter((one) => one.from <= index && !isCleared(one, air, index))
    const et = etOf(grown, place, area, air, index, garden.site)
    const zone = zoneOf(grown.length > 0 ? grown : standing, place, garden.soil, et, index)
    const day = index - first
    const reading = found.get(day)
    days.push({
      et,
      rain: place.kind === 'tunnel' || place.kind === 'shelf' ? 0 : air.rain[index]!,
      irrigation: Math.min(MOST_IRRIGATION, (given.get(day) ?? 0) / area),
      zone,
      sinceFound: Math.min(MOST_IRRIGATION, (after.get(day) ?? 0) / area),
      found: reading
        ? shareFound(reading.data, zone, place, garden.soil)
        : day === 0
          ? shareWhenMet(standing, index, zone)
          : null,
    })
  }
  return { from, days, area, soil: pot ? null : garden.soil }
}

/** The balance of a place as of a day, and the days ahead of it. */
export function placeWater(course: PlaceCourse, today: IsoDate): PlaceWater {
  const count = daysBetween(course.from, today) + 1
  const states = waterCourse(course.days.slice(0, Math.max(0, count)))
  return {
    course,
    states,
    depletion: states.at(-1)?.depletion ?? 0,
    ahead: course.days.slice(Math.max(0, count)).map((day) => ({ ...day, irrigation: 0, found: null })),
  }
}

/**
 * † m beyond its grown leaves that a plant's roots find water, on both sides together; and by how much that is
 * more than its square. Against: 1.5–4 L a plant and day in a sparse bed.
 */
const ROOTS_BEYOND = 0.3
const ROOTS_MORE = 1.2

/** Ground that plants drink from, m²: the whole place, or as much as their roots fill where few stand in a large one. */
function groundOf({ length, width }: Place, standing: readonly Standing[]): number {
  const rooted = standing.reduce((sum, { own: { planting, cultivar } }) => {
    const across = grownWidth(cultivar, planting.training) + ROOTS_BEYOND
    return sum + planting.count * ROOTS_MORE * across ** 2
  }, 0)
  return Math.min(length * width, rooted)
}

function isCleared({ own }: Standing, air: DailySeries, index: number): boolean {
  const to = own.stands?.to ?? null
  return to !== null && indexOf(air, to) < index
}

/** The day's least relative humidity, %: its dew point's vapour in the air of its high. */
const leastHumidity = ({ dewPoint, tmax }: DayWeather) =>
  Math.min(100, (100 * saturationPressure(dewPoint)) / saturationPressure(tmax))

/** mm that the plants of a place take on a day, over its area. */
function etOf(
  grown: readonly Standing[],
  place: Place,
  area: number,
  air: DailySeries,
  index: number,
  site: Site,
): number {
  if (grown.length === 0) return 0
  const weather = weatherAt(air, index)
  const et0 = referenceEvapotranspiration({
    ...site,
    dayOfYear: dayOfYear(weather.date),
    tmin: weather.tmin,
    tmax: Math.max(weather.tmin, weather.tmax),
    dewPoint: weather.dewPoint,
    windSpeed: weather.wind,
    solarRadiation: weather.solar,
  })
  if (place.pot)
    return Math.min(
      MOST_ET,
      grown.reduce((sum, { own, growth }) => {
        const width = canopyWidth(
          own.cultivar.crop,
          grownWidth(own.cultivar, own.planting.training),
          growth(index),
        )
        return sum + own.planting.count * potNeed({ crop: own.cultivar.crop, canopy: width }, et0)
      }, 0) / area,
    )
  const plants = grown.reduce((sum, { own }) => sum + own.planting.count, 0)
  const kc = grown.reduce((sum, { own, growth }) => {
    const full = grownWidth(own.cultivar, own.planting.training)
    const width = canopyWidth(own.cultivar.crop, full, growth(index))
    const end = own.dates.end.date
    const left = end === null ? LAST_MONTH : indexOf(air, end) - index
    return (
      sum +
      (own.planting.count / plants) *
        cropCoefficient(own.cultivar.crop, {
          canopy: (width / full) ** 2,
          late: Math.min(1, Math.max(0, 1 - left / LAST_MONTH)),
          staked: own.planting.support !== 'none',
          air: {
            wind: weather.wind,
            minimumHumidity: leastHumidity(weather),
            height: grownHeight(own.cultivar, own.planting.training),
          },
        })
    )
  }, 0)
  return et0 * kc * (1 - MULCH_SAVES[place.mulch])
}

function zoneOf(grown: readonly Standing[], place: Place, soil: SoilTexture, et: number, index: number) {
  const { own, growth } = grown[0]!
  const pot = potOf(place)
  // A pot's loss is spread over its own small top, not over ground: the usual share is taken readily.
  if (pot) return rootZone(own.cultivar.crop, MIX_AVAILABLE, filledHeight(pot), USUAL_ETC)
  const planted = stageEntries(own.entries, 'set-out').at(-1)?.data.stemBuried ?? 0
  const depth = rootDepth(own.cultivar.crop, growth(index), planted, place.soilDepth)
  return rootZone(own.cultivar.crop, availableWater(soil), depth, et)
}

function shareFound(
  { feel, content }: MoistureRead['data'],
  zone: { taw: number; raw: number },
  place: Place,
  soil: SoilTexture,
): number {
  if (feel !== undefined) return depletionOfFeel(feel, zone.raw / zone.taw)
  const available = place.pot ? MIX_AVAILABLE : availableWater(soil)
  const wilting = place.pot ? MIX_WILTING : wiltingPoint(soil)
  return depletionOfContent(content ?? 0, wilting + available, available)
}

/** Depletion as a share of RAW on the day that growing plants are met, by how they were watered until then. */
const WATERED: Record<WateredLately, number> = { daily: 0.1, 'every-few-days': 0.5, rain: 0.3, not: 1.05 }

/** Depletion as a share of TAW that is told of plants that grew here already; null: they began here, wet through. */
function shareWhenMet(
  standing: readonly Standing[],
  index: number,
  { taw, raw }: { taw: number; raw: number },
): number | null {
  const met = standing
    .filter(({ from }) => from === index)
    .flatMap(({ own }) => stageEntries(own.entries, 'met'))
    .find(({ data }) => data.as === 'growing')
  return met ? (WATERED[met.data.watered ?? 'every-few-days'] * raw) / taw : null
}

function sumBy<Entry extends AnyEntry>(
  entries: readonly Entry[],
  from: IsoDate,
  of: (entry: Entry) => number,
): Map<number, number> {
  const sums = new Map<number, number>()
  for (const entry of entries) {
    const day = daysBetween(from, entry.on)
    sums.set(day, (sums.get(day) ?? 0) + of(entry))
  }
  return sums
}
