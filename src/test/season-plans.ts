import { normalsFor, simulateSeasons, type ClimateTemplateId } from '../core/climate'
import { epochDay, type IsoDate } from '../core/calendar'
import type { Cultivar, FruitType, Habit } from '../core/crop'
import { seasonWeathers, type SeasonWeather } from '../core/season-model'

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
