import { addDays } from '../calendar'
import { frostDays, indexOf } from '../climate'
import type { Crop } from '../crop'
import type { AnyEntry } from '../entry'
import { COVERS, warmedSums } from './covers'
import { stageEntries } from './entries'
import { firstOpenDay } from './transplant-window'
import type { PlaceWeather } from './place-weather'
import type { Year } from './year'

/** A place's weather as a planting meets it that was covered on the nights that were entered. */
export function underCloth(
  weather: PlaceWeather,
  entries: readonly AnyEntry[],
  start: number,
  warmest: number,
): PlaceWeather {
  const { air, here, courses, whole } = weather
  // A date's low comes before its sunrise: the evening's cover warms the next one's.
  const nights = stageEntries(entries, 'covered').map(({ on }) => indexOf(air, addDays(on, 1)))
  if (nights.length === 0) return weather
  const warm = (year: Year, before: number) =>
    warmerOn(
      year,
      nights.map((night) => night - before),
      warmest,
    )
  return {
    air: { ...air, tmin: raised(air.tmin, air.tmax, nights) },
    whole,
    here: warm(here, start),
    courses: courses.map((year) => warm(year, start)),
  }
}

/** The lows of the nights under cloth, never over the day's high. */
function raised(tmin: Float64Array, tmax: Float64Array, nights: readonly number[]): Float64Array {
  const lows = Float64Array.from(tmin)
  for (const night of nights)
    if (night >= 0 && night < lows.length)
      lows[night] = Math.max(tmin[night]!, Math.min(tmax[night]!, tmin[night]! + COVERS.cloth.night))
  return lows
}

function warmerOn(year: Year, nights: readonly number[], warmest: number): Year {
  const tmin = raised(year.tmin, year.tmax, nights)
  const running: Partial<Record<Crop, Float64Array>> = {}
  return {
    tmin,
    tmax: year.tmax,
    soil: year.soil,
    seedbed: year.seedbed,
    firstFrost: frostDays({ tmin, days: tmin.length }, warmest).firstAutumn,
    safeFrom: year.safeFrom,
    frostRisk: year.frostRisk,
    opens: (crop, level) =>
      firstOpenDay({ tmin, soil: year.soil, safeFrom: year.safeFrom }, crop, 0, level ? { level } : {}),
    running: (crop) => (running[crop] ??= warmedSums(year, tmin, crop, (day) => nights.includes(day))),
  }
}
