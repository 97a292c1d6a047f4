import { cropForecast, onceADay, type CropForecast } from '../../core/garden-day'
import type { Day } from '../../data/garden-state'
import { addDays, type IsoDate } from '../../core/calendar'
import { weatherAt, indexOf } from '../../core/climate'
import { plantTraits } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { ofKind } from '../../core/log'
import {
  harvestWeeks,
  pickBefore,
  ripeCues,
  ripeningBetween,
  TRUSS_STAGES,
  trussStages,
  type PickBefore,
  type TrussStage,
} from '../../core/harvest'
import { entriesOfPlant, grownAlong, plantCourse, type PlantingOutlook, firstPick } from '../../core/season'
import { formatDate } from '../../wording/dates'
import { sayReasons, type SaidReason } from '../../wording/say-reason'

/** A planting as its fruit stand on a day. */
export interface BasketPlanting {
  id: string
  name: string
  place: string
  crop: 'tomato' | 'pepper'
  hot: boolean
  plants: number
  stems: { id: string; label: string }[]
  /** kg: expected since it was picked last, of the season with 8 years in 10, and picked so far. */
  ripe: number
  expected: number
  low: number
  high: number
  picked: number
  /** The day of the first fruit to pick, where it is still to come. */
  firstRipe: string | null
  lastPicked: string | null
  cues: SaidReason[]
  /** Trusses of the planting by stage, and kg on them. */
  stages: Record<TrussStage, { trusses: number; mass: number }>
}

export interface BasketWeek {
  name: string
  /** kg expected, and in 8 years of 10. */
  forecast: number
  low: number
  high: number
  picked: number
}

export interface BasketView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  plantings: BasketPlanting[]
  before: (PickBefore & { date: string }) | null
  /** By planting id, and all together under ''. */
  weeks: Record<string, BasketWeek[]>
  /** Index of today's week in all together; null: outside. */
  thisWeek: string | null
  /** kg expected in the coming seven days, and picked in the last. */
  ahead: number
  lately: number
}

const FORECAST_DAYS = 6

interface Standing {
  own: PlantingOutlook
  /** Of one plant. */
  forecast: CropForecast
}

export const basketView = onceADay('basketView', (day: Day): BasketView => {
  const { state, on, manner, outlook } = day
  const standing = outlook.plantings
    .filter(({ stands }) => stands)
    .map((own): Standing => ({ own, forecast: cropForecast(day, own) }))
  const pickedOf = ({ own }: Standing) =>
    ofKind(own.entries, 'picked').map(({ on: date, data }) => ({ on: date, mass: data.mass }))
  const weeksOf = (some: readonly Standing[]) =>
    harvestWeeks(
      some.map(({ own, forecast }) => ({ plants: own.planting.count, ripening: forecast.ripening })),
      some.flatMap(pickedOf),
    )
  const shown = (weeks: ReturnType<typeof weeksOf>): BasketWeek[] =>
    weeks.map(({ from, ...kg }) => ({
      name: formatDate(from, manner, 'short'),
      forecast: rounded(kg.forecast),
      low: rounded(kg.low),
      high: rounded(kg.high),
      picked: rounded(kg.picked),
    }))
  const all = weeksOf(standing)
  const week = all.findLastIndex(({ from }) => from <= on)
  return {
    manner,
    on,
    now: state.now,
    plantings: standing
      .map((one) => plantingOf(day, one))
      .sort((a, b) => b.ripe - a.ripe || a.place.localeCompare(b.place, 'en', { numeric: true })),
    before: beforeOf(day),
    weeks: {
      '': shown(all),
      ...Object.fromEntries(standing.map((one) => [one.own.planting.id, shown(weeksOf([one]))])),
    },
    thisWeek: all[week] && on < addDays(all[week].from, 7) ? shown(all)[week]!.name : null,
    ahead: standing.reduce((sum, one) => sum + ripeningOf(one, addDays(on, 1), addDays(on, 7)), 0),
    lately: standing
      .flatMap(pickedOf)
      .filter(({ on: date }) => date > addDays(on, -7))
      .reduce((sum, { mass }) => sum + mass, 0),
  }
})

/** kg that ripen from a day to another, both included. */
const ripeningOf = ({ own, forecast }: Standing, from: IsoDate, to: IsoDate): number =>
  own.planting.count * ripeningBetween(forecast.ripening, from, to)

function plantingOf(day: Day, one: Standing): BasketPlanting {
  const { on, manner } = day
  const { planting, cultivar, place, entries } = one.own
  const picked = ofKind(entries, 'picked')
  const last = picked.at(-1)?.on ?? null
  const first = firstPick(one.own.dates).date
  // What a few early seasons would have by now counts from the day that the calendar says.
  const since = last === null ? one.forecast.ripening.from : addDays(last, 1)
  const ripens = first !== null && (last !== null || first <= on)
  return {
    id: planting.id,
    name: cultivar.name,
    place: place.name,
    crop: cultivar.crop,
    hot: cultivar.fruit.startsWith('hot'),
    plants: planting.count,
    stems: day.plants
      .filter(({ plantingId }) => plantingId === planting.id)
      .map(({ id, label }) => ({ id, label })),
    ripe: ripens ? ripeningOf(one, since, on) : 0,
    expected: planting.count * one.forecast.kg,
    low: planting.count * one.forecast.low,
    high: planting.count * one.forecast.high,
    picked: picked.reduce((sum, { data }) => sum + data.mass, 0),
    firstRipe: last === null && first !== null && first > on ? formatDate(first, manner) : null,
    lastPicked: last && formatDate(last, manner),
    cues: sayReasons(ripeCues(cultivar), manner),
    stages: stagesOf(day, one),
  }
}

/** Trusses by stage, from the planting's first plant. */
function stagesOf(day: Day, { own, forecast }: Standing): BasketPlanting['stages'] {
  const { state, on } = day
  const { planting, cultivar } = own
  const plant = state.plants.find(({ plantingId }) => plantingId === planting.id)
  const told = plant ? entriesOfPlant(day.outlook, plant.id, planting.id) : []
  const stages = trussStages(
    grownAlong(plantCourse(own, told, on, day.vigour(own)), plantTraits(cultivar)),
    forecast.kg,
  )
  return Object.fromEntries(
    TRUSS_STAGES.map((stage) => [
      stage,
      {
        trusses: stages[stage].trusses * planting.count,
        mass: rounded(stages[stage].mass * planting.count),
      },
    ]),
  ) as BasketPlanting['stages']
}

/** What the forecast holds that fruit are better picked before. */
function beforeOf(day: Day): BasketView['before'] {
  const { on, manner } = day
  const { line } = day.outlook
  const at = indexOf(line.air, on)
  const found = pickBefore(
    Array.from({ length: FORECAST_DAYS }, (_, ahead) => at + ahead)
      .filter((index) => line.sources[index] !== 'normal')
      .map((index) => weatherAt(line.air, index)),
  )
  return found && { ...found, date: formatDate(found.on, manner) }
}

const rounded = (value: number) => Math.round(value * 100) / 100
