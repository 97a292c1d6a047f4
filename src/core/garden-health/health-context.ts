import { addDays, daysBetween, type IsoDate } from '../calendar'
import { climateKind, indexOf, type Normals } from '../climate'
import { fruitMass, heatShift, isBush, plantEntries, rotProneness } from '../crop'
import type { AnyEntry } from '../entry'
import type { SoilTexture } from '../facts'
import {
  type Bears,
  feedEntries,
  glutIn,
  nutrientLedger,
  ledgerOf,
  readSoilTest,
  saltThreshold,
} from '../feeding'
import type { PlantingOutlook, SeasonOutlook } from '../season'
import { evenness, fruitDays, type PlaceWater, type WateredPlace } from '../watering'
import { casesOf, CAUSES, type ClimateFavours, type HealthContext, type PlantAge } from '../health'
import { pastWeather } from './past-weather'

/** What a planting's health depends on besides the plant. */
export interface HealthGround {
  latitude: number
  soil: SoilTexture
  /** The water of its place; undefined: nothing was set out there. */
  watered: WateredPlace | undefined
  /** Years in which Solanaceae stood in its place. */
  years: readonly number[]
  /** kg that a plant of each planting is expected to bear. */
  bears: Bears
}

/** kg from which a fruit is a large one. */
const LARGE = 0.1
/** Days after setting out for which a plant is young. */
const YOUNG = 21
/** Of RAW that must stay gone for ground not to be soaked, and days for which it was full. */
const SOAKED = { share: 0.15, days: 4 }
/** A gap of this part of the coming weeks' demand is little. */
const LITTLE = 0.4

/** What is known of a planting on the outlook's day: its age, place, weather, water, feed and what is about. */
export function healthContext(
  outlook: SeasonOutlook,
  own: PlantingOutlook,
  { latitude, soil, watered, years, bears }: HealthGround,
): HealthContext {
  const { cultivar, place, air, entries } = own
  const { today, line, counted, start, season } = outlook
  const before = years.filter((year) => year < season)
  return {
    crop: cultivar.crop,
    age: ageOf(own, today),
    bush: isBush(cultivar),
    grafted: cultivar.grafted,
    proneness: rotProneness(cultivar),
    large: fruitMass(cultivar) >= LARGE,
    underCover: place.kind === 'tunnel',
    inPot: place.pot !== null,
    sandy: soil === 'sand' || soil === 'loamy-sand',
    weather: pastWeather({ air, sources: line.sources }, indexOf(air, today), {
      normals: outlook.ensemble.normals,
      latitude,
      crop: cultivar.crop,
      heatShift: heatShift(cultivar),
    }),
    water: watered ? waterOf(watered) : null,
    feed: watered ? feedOf(watered, today, bears) : null,
    soil: soilOf(watered?.entries ?? [], cultivar.crop),
    rested: before.length === 0 ? null : season - Math.max(...before) - 1,
    daysOut: own.stands === null ? null : daysBetween(own.stands.from, today),
    climate: favoursOf(outlook.ensemble.normals, latitude),
    wasCut: plantEntries(entries, 'pruned').some(({ on }) => daysBetween(on, today) <= 14),
    guestsAbout: guestsAbout(counted, start),
  }
}

/** What a climate favours by its kind: dry air, warm rain, or mild damp. */
function favoursOf(normals: Normals, latitude: number): ClimateFavours {
  const { winter, summer, rain } = climateKind(normals, latitude)
  const isHot = summer === 'hot' || summer === 'very-hot'
  const isMild = winter === 'mild' || winter === 'frost-free'
  return {
    arid: isHot && (rain === 'dry-all-year' || rain === 'wet-winter'),
    humidSouth: isHot && isMild && (rain === 'rain-all-year' || rain === 'wet-summer'),
    coolMaritime: (summer === 'mild' || summer === 'cool') && winter !== 'severe' && rain === 'rain-all-year',
  }
}

function ageOf({ dates, stands }: PlantingOutlook, today: IsoDate): PlantAge {
  const reached = (date: IsoDate | null) => date !== null && date <= today
  if (!stands) return 'seedling'
  if (reached(dates['first-ripe'].date)) return 'ripening'
  const flower = dates['first-flower'].date
  if (flower !== null && addDays(flower, FRUIT_AFTER) <= today) return 'bearing'
  if (reached(flower)) return 'flowering'
  return daysBetween(stands.from, today) <= YOUNG ? 'young' : 'flowering'
}
/** Days after the first flower from which fruit hang. */
const FRUIT_AFTER = 10

function waterOf({ plantings, water }: WateredPlace): HealthContext['water'] {
  const { course, states, depletion } = water
  const last = states.at(-1)
  if (!last) return null
  const { dryDays } = evenness(states, fruitDays(plantings, course.from, states.length))
  return { dryDays, dryNow: depletion > last.raw, soaked: wasSoaked(states) }
}

const wasSoaked = (states: PlaceWater['states']) =>
  states.length >= SOAKED.days &&
  states.slice(-SOAKED.days).every(({ depletion, raw }) => depletion <= SOAKED.share * raw)

function feedOf(watered: WateredPlace, today: IsoDate, bears: Bears): HealthContext['feed'] {
  const kept = ledgerOf(watered, today, bears)
  if (!kept) return null
  const weeks = { n: nutrientLedger(kept, 'n'), k: nutrientLedger(kept, 'k') }
  const isLittle = (nutrient: 'n' | 'k') => {
    const now = weeks[nutrient].filter(({ from }) => from + 6 >= kept.today).slice(0, 2)
    const wanted = now.reduce((sum, { demand }) => sum + demand, 0)
    return wanted > 0 && now.reduce((sum, { gap }) => sum + gap, 0) / wanted >= LITTLE
  }
  return {
    glut: glutIn(weeks.n, kept.today) !== null,
    littleNitrogen: isLittle('n'),
    littlePotassium: isLittle('k'),
  }
}

function soilOf(entries: readonly AnyEntry[], crop: HealthContext['crop']): HealthContext['soil'] {
  const test = feedEntries(entries, 'soil-tested').at(-1)?.data
  if (!test) return null
  const said = readSoilTest(test, saltThreshold(crop)).map(({ rule }) => rule)
  return { ph: test.ph, calciumLow: said.includes('soil.ca-low') }
}

/** Viruses and sucking insects are open cases somewhere in the garden. */
const guestsAbout = (counted: readonly AnyEntry[], start: IsoDate): boolean =>
  casesOf(counted.filter(({ on }) => on >= start)).some(
    ({ closed, cause }) =>
      closed === null && cause !== null && CAUSES[cause].contagious && GUESTS.has(CAUSES[cause].kind),
  )
const GUESTS = new Set(['animal', 'virus'])
