import { daysBetween, type IsoDate } from '../calendar'
import { indexOf, type WetnessPressure } from '../climate'
import { plantTraits, runningDegreeDays, thermalTraits } from '../crop'
import type { PlantPosition, Support } from '../facts'
import { markOf, remembered } from '../memo'
import {
  depthConditions,
  entriesOfPlant,
  grownAlong,
  plantCourse,
  stageEntries,
  type PlantingOutlook,
  type SeasonOutlook,
} from '../season'
import type { PlantEntry } from '../crop'
import { usualHeight } from '../support'
import type { CallGarden } from './call'
import {
  advisePruning,
  keptStems,
  tipCuts,
  type Cut,
  type FlowerSchool,
  type PruningContext,
} from '../pruning'

/** A plant that has stood longer is no younger for it, d. */
const LONGEST = 1000

/** Days looked ahead. */
const DAYS_AHEAD = 4

/** When and where a planting's plants are cut on the outlook's day. */
export const pruningContextOf = (
  outlook: SeasonOutlook,
  own: PlantingOutlook,
  wetnessPressure: WetnessPressure,
  school: FlowerSchool = 'worked-out',
): PruningContext =>
  remembered(own, `pruning ${markOf(outlook)} ${wetnessPressure} ${school}`, () =>
    contextFor(outlook, own, wetnessPressure, school),
  )

function contextFor(
  outlook: SeasonOutlook,
  own: PlantingOutlook,
  wetnessPressure: WetnessPressure,
  school: FlowerSchool,
): PruningContext {
  const { planting, cultivar, dates, begins, air, place } = own
  const at = indexOf(air, outlook.today)
  const { seasonSlackDays, dailyDegreeDays } = depthConditions(outlook, own)
  const running = runningDegreeDays(air, cultivar.crop)
  const { ripening } = thermalTraits(cultivar)
  const ripenessSince = (opened: IsoDate | null) =>
    opened === null || opened > outlook.today
      ? null
      : (running[at]! - running[Math.max(0, indexOf(air, opened))]!) / ripening
  return {
    date: outlook.today,
    // Past the forecast nobody knows the day's rain; under cover none falls.
    forecast: Array.from({ length: DAYS_AHEAD }, (_, ahead) => ({
      rain:
        place.kind === 'tunnel' || outlook.line.sources[at + ahead] === 'normal'
          ? 0
          : (air.rain[at + ahead] ?? 0),
      tmax: air.tmax[at + ahead] ?? 0,
    })),
    wetnessPressure,
    daysSinceTransplant:
      begins.date === null ? 0 : Math.max(0, Math.min(LONGEST, daysBetween(begins.date, outlook.today))),
    seasonSlackDays,
    lastUsefulFlower: dates.top.date,
    lastRipeness: {
      onPlant: ripenessSince(dates['last-flower-ripe'].date),
      indoors: ripenessSince(dates['last-flower-green'].date),
    },
    isTopped: stageEntries(own.entries, 'topped').length > 0,
    // On a string a vine is lowered when it reaches the wire, not ended there.
    supportTop: isEndedAtTop(planting.support) ? usualHeight(planting.support, { cultivar }) : null,
    dailyDegreeDays: Math.min(40, Math.max(0, dailyDegreeDays)),
    school,
  }
}

const isEndedAtTop = (support: Support) => support !== 'none' && support !== 'string'

/** Plants of a planting that have grown alike and been cut alike, and what is cut on each of them now. */
export interface AlikePlants {
  plants: PlantPosition[]
  cuts: Cut[]
}

/** Plants of a planting of which the same was entered, by what that was. */
function alikeIn(
  outlook: SeasonOutlook,
  { planting }: PlantingOutlook,
  plants: readonly PlantPosition[],
): Map<string, { plants: PlantPosition[]; told: PlantEntry[] }> {
  const alike = new Map<string, { plants: PlantPosition[]; told: PlantEntry[] }>()
  for (const plant of plants) {
    if (plant.plantingId !== planting.id) continue
    const told = entriesOfPlant(outlook, plant.id, planting.id)
    const key = JSON.stringify(told)
    const group = alike.get(key)
    if (group) group.plants.push(plant)
    else alike.set(key, { plants: [plant], told })
  }
  return alike
}

/** Why and where the season ends the stems of the first plants of a planting that have grown alike; null: it does not. */
export function seasonEnding(
  outlook: SeasonOutlook,
  own: PlantingOutlook,
  { plants, wetness, vigour }: Pick<CallGarden, 'plants' | 'wetness' | 'vigour'>,
): Cut | null {
  const [first] = alikeIn(outlook, own, plants).values()
  if (!first) return null
  const { planting, cultivar } = own
  const plant = grownAlong(plantCourse(own, first.told, outlook.today, vigour(own)), plantTraits(cultivar))
  const context = pruningContextOf(outlook, own, wetness)
  return tipCuts(plant, keptStems(plant, planting.training, context), context).find(endsForSeason) ?? null
}

/** Whether a cut ends a stem because the season does. */
export const endsForSeason = ({ reason }: Cut) => reason.rule.startsWith('prune.top-season')

/** What is cut today on each plant of a planting; plants of which the same was entered are grown once. */
export function plantingCuts(
  outlook: SeasonOutlook,
  own: PlantingOutlook,
  { plants, wetness, vigour }: Pick<CallGarden, 'plants' | 'wetness' | 'vigour'>,
  school?: FlowerSchool,
): AlikePlants[] {
  const { planting, cultivar } = own
  const alike = alikeIn(outlook, own, plants)
  if (alike.size === 0) return []
  const context = pruningContextOf(outlook, own, wetness, school)
  const off = vigour(own)
  const asked = `${JSON.stringify(context)} ${off && markOf(off)}`
  return [...alike].map(([key, { plants: group, told }]) => ({
    plants: group,
    cuts: remembered(own, `cuts ${asked} ${key}`, () => {
      const plant = grownAlong(plantCourse(own, told, outlook.today, off), plantTraits(cultivar))
      const { answer } = advisePruning({ plant, system: planting.training, context })
      return answer.filter(({ due, action }) => due === undefined && action !== 'keep')
    }),
  }))
}
