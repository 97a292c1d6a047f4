import { normalsFor, simulateSeasons, type ClimateTemplateId } from '../core/climate'
import { epochDay, type IsoDate } from '../core/calendar'
import type { Cultivar, FruitType, Habit, Training } from '../core/crop'
import { recommendSpacing } from '../core/spacing'
import { seasonWeathers, type SeasonPlan, type SeasonWeather } from '../core/season-model'

/** A climate of the templates as plants of the open meet it, and days of its seasons by the calendar. */
export interface ModelClimate {
  weathers: readonly SeasonWeather[]
  /** `05-12`, as days from the season's start. */
  day: (monthAndDay: string) => number
}

/** Where each climate is written for: ° and m. */
const SITES: Partial<Record<ClimateTemplateId, [latitude: number, elevation: number]>> = {
  'humid-warm-summer': [41, 450],
  'cool-maritime': [52, 50],
  'dry-summer-warm': [38, 100],
}

export function modelClimate(id: ClimateTemplateId, count = 40): ModelClimate {
  const [latitude, elevation] = SITES[id]!
  const ensemble = simulateSeasons({ normals: normalsFor(id, { latitude, elevation }), latitude, count })
  const { from } = ensemble.seasons[0]!
  return {
    weathers: seasonWeathers(ensemble, { latitude, elevation }, 'open'),
    day: (date) => (epochDay(`2001-${date}` as IsoDate) - from + 365) % 365,
  }
}

export const cultivarOf = (fruit: FruitType, habit: Habit | null = 'indeterminate'): Cultivar => ({
  crop: habit === null ? 'pepper' : 'tomato',
  habit,
  fruit,
  origin: 'hybrid',
  daysToMaturity: null,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
})

/** A well-kept plant in mulched loam, watered by need and fed, at the spacing that its training is advised. */
export function usualPlan(
  cultivar: Cultivar,
  training: Training,
  setOut: number,
  change: Partial<SeasonPlan> = {},
): SeasonPlan {
  const { inRow, betweenRows } = recommendSpacing({
    plant: cultivar,
    training,
    school: 'standard',
    wetness: 'low',
  }).answer
  return {
    cultivar,
    training,
    setOut,
    growth: cultivar.crop === 'pepper' ? 340 : 330,
    hardened: true,
    buried: cultivar.crop === 'pepper' ? 0 : 0.1,
    ground: inRow * betweenRows,
    sun: 1,
    roots: { kind: 'ground', texture: 'loam', depth: 0.6, raised: false },
    mulch: 'straw',
    watering: { by: 'need', at: 0.8, every: 2, most: 40 },
    overhead: false,
    organicMatter: 3,
    feeds: [
      { day: 0, nitrogen: 6, release: 'meal' },
      { day: 40, nitrogen: 3, release: 'soluble' },
      { day: 60, nitrogen: 3, release: 'soluble' },
    ],
    salinity: 0,
    clearStem: training === 'sprawling' ? 0 : 0.3,
    pinched: 0,
    topped: null,
    cloth: 0,
    shade: 0,
    shaken: true,
    green: false,
    end: null,
    earlier: null,
    ...change,
  }
}
