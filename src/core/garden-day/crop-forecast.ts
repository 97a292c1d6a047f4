import { addDays, type IsoDate } from '../calendar'
import type { Cultivar, Training } from '../crop'
import { NO_RIPENING, ownYield, type Ripening } from '../harvest'
import { markOf, remembered } from '../memo'
import { quantile } from '../random'
import { openWindow, type PlantingOutlook } from '../season'
import { seasonWeathers, type PlantSeason } from '../season-model'
import { usualPlan, type Grown } from '../trial'
import type { GardenDay } from './garden-day'
import { fewOf, grownThrough, planOn, seasonsAhead } from './grown-ahead'
import { resultsOf } from './results'

/** What a plant of a planting bears in its whole season, kg: in the middle one, and in one and nine of ten. */
export interface CropForecast {
  kg: number
  low: number
  high: number
  ripening: Ripening
}

/** First pick of a planting by the calendar: its first ripe fruit, or its first green ones where none ripen in time. */
export const firstPicked = ({ dates }: Pick<PlantingOutlook, 'dates'>): IsoDate | null =>
  dates['first-ripe'].date ?? dates['first-green'].date

/**
 * What a planting is expected to bear: grown through the seasons that may still come, drawn to what its cultivar gave here
 * before, its first ripe fruit on the day that the calendar says.
 */
export const cropForecast = (day: GardenDay, own: PlantingOutlook): CropForecast =>
  remembered(day, `crop of ${markOf(own)}`, () => foretold(day, own))

function foretold(day: GardenDay, own: PlantingOutlook): CropForecast {
  const first = firstPicked(own)
  const nothing = { kg: 0, low: 0, high: 0, ripening: { from: own.start, ...NO_RIPENING } }
  if (first === null) return nothing
  const grown = grownThrough(planOn(day, own), seasonsAhead(day, own))
  const middle = middleKg(grown)
  if (middle <= 0) return nothing
  const by = ownYield(middle, ownResults(day, own.cultivar.id, own.planting.season)) / middle
  const sound = grown.map((season) => season.sound * by)
  const ripens = quantile(
    grown.flatMap(({ firstRipe }) => firstRipe ?? []),
    0.5,
  )
  const kg = middle * by
  return {
    kg,
    low: quantile(sound, 0.1),
    high: quantile(sound, 0.9),
    ripening: {
      from: addDays(first, -Math.round(ripens)),
      expected: expectedOf(grown, kg),
      seasons: grown.map(({ ripeByDay }) => ripeByDay.map((mass) => mass * by)),
    },
  }
}

/** What a plant of a planting is expected to bear in its whole season, kg. */
export const aPlantBears = (day: GardenDay, own: PlantingOutlook): number => cropForecast(day, own).kg

/** What a plant is expected to bear, and its fruit, when its planting is grown otherwise from a day on. */
export function bearsGrownSo(
  day: GardenDay,
  own: PlantingOutlook,
  otherwise: Grown,
): { kg: number; fruit: number } {
  const seasons = seasonsAhead(day, own)
  const as = middleKg(grownThrough(planOn(day, own), seasons))
  if (as <= 0) return { kg: 0, fruit: 0 }
  const grown = grownThrough(planOn(day, own, otherwise), seasons)
  const by = aPlantBears(day, own) / as
  return {
    kg: by * middleKg(grown),
    fruit:
      by *
      quantile(
        grown.map(({ fruit }) => fruit),
        0.5,
      ),
  }
}

/** What a well-kept plant of a cultivar bears here in the open, kg a season, drawn to what it gave here before. */
export function typicallyBears(
  day: GardenDay,
  { id, ...cultivar }: Cultivar & { id: string },
  training: Training,
): number {
  const { garden, record } = day.state
  const opens = openWindow(day.outlook, cultivar.crop).opens.p50
  const seasons = seasonWeathers(fewOf(record.ensemble), garden, 'open')
  const { crop, habit, fruit, origin, daysToMaturity, maturityFrom, grafted } = cultivar
  const traits = { crop, habit, fruit, origin, daysToMaturity, maturityFrom, grafted, ripeColour: '' }
  const plan = usualPlan(traits, training, opens === null ? null : Math.round(opens))
  const rooted = plan.roots.kind === 'ground' ? { ...plan.roots, texture: garden.soil } : plan.roots
  const kg = middleKg(grownThrough({ ...plan, roots: rooted }, seasons))
  return ownYield(kg, ownResults(day, id, Infinity))
}

const middleKg = (grown: readonly PlantSeason[]) =>
  quantile(
    grown.map(({ sound }) => sound),
    0.5,
  )

/** What a cultivar gave before a season. */
const ownResults = (day: GardenDay, cultivarId: string, season: number) =>
  resultsOf(day).filter(
    (one) => one.planting.cultivarId === cultivarId && one.season < season && one.mass > 0,
  )

/** kg that ripen on each day on the whole, drawn to what the middle season bears in all. */
function expectedOf(grown: readonly PlantSeason[], kg: number): Float64Array {
  const expected = new Float64Array(grown[0]!.ripeByDay.length)
  let all = 0
  for (const { ripeByDay, sound } of grown) {
    all += sound
    for (let day = 0; day < expected.length; day++) expected[day]! += ripeByDay[day]!
  }
  return expected.map((mass) => (mass * kg) / all)
}
