import { addDays, daysBetween, type IsoDate } from '../calendar'
import { indexOf } from '../climate'
import { thermalTraits } from '../crop'
import type { AnyEntry } from '../entry'
import type { Place } from '../facts'
import { growthOf, toldFrom, type PlantingOutlook } from '../season'
import { remembered } from '../memo'
import type { WateredPlace, WaterState } from '../watering'
import { totalDemand, uptakeBy } from './demand'
import { feedEntries } from './entries'
import type { FedProduct } from './fed-product'
import { K_OF_K2O, P_OF_P2O5 } from './dilution'
import { ledger, type Application, type LedgerWeek } from './ledger'
import type { NitrogenForm } from './product'
import { ORGANIC_MATTER_N, releasePace } from './release'

/** The nutrients that the ledger is kept of. */
export const LEDGER_NUTRIENTS = ['n', 'p', 'k'] as const
export type LedgerNutrient = (typeof LEDGER_NUTRIENTS)[number]

/** kg that a plant of a planting is expected to bear in its season. */
export type Bears = (own: PlantingOutlook) => number

/** What the ledger of a place is worked out from, day by day from its first setting out to its end. */
export interface PlaceLedger {
  from: IsoDate
  days: number
  /** Index of today. */
  today: number
  /** °C at root depth. */
  temperature: number[]
  /** Of the root zone's water, drained. */
  drainage: number[]
  /** g that all its plants want, and that the soil gives, by day. */
  demand: Record<LedgerNutrient, number[]>
  soil: Record<LedgerNutrient, number[]>
  fed: FedProduct[]
}

/** Organic matter of garden soil where no test says, %; P and K that it gives with the N. */
const USUAL_ORGANIC = 3
/** Beyond this more of it gives hardly more. */
const MOST_ORGANIC = 10
const WITH_N: Record<LedgerNutrient, number> = { n: 1, p: 0.15, k: 1.2 }
/**
 * Water that a root zone holds in all, of what plants can take [FAO-56 table 19: field capacity over available
 * water, about 2 in loam].
 */
const HELD_OF_TAW = 2

/**
 * The ledger of a place, from what stands in it, what it was fed, its soil's warmth and the water that drained.
 *
 * @param entries of the place, oldest first
 * @param states of its water from the day that the first stood there on
 * @param bears kg that a plant of each planting is expected to bear in its season
 * @returns null while nothing stood in it
 */
export function placeLedger(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly AnyEntry[],
  states: readonly WaterState[],
  today: IsoDate,
  bears: Bears,
): PlaceLedger | null {
  const standing = plantings.filter(({ stands }) => stands)
  const from = standing.map(({ stands, entries }) => toldFrom({ stands: stands!, entries })).sort()[0]
  if (!from) return null
  // Where no frost ends them, plants bear on: a year of theirs is kept account of.
  const end = standing
    .map(({ end: { on } }) => on ?? addDays(from, YEAR))
    .sort()
    .at(-1)!
  if (end <= from) return null
  const { air, soil } = standing[0]!
  const first = indexOf(air, from)
  const days = Math.min(daysBetween(from, end) + 1, air.days - first)
  const temperature = Array.from({ length: days }, (_, day) => soil[first + day]!)
  const drainage = Array.from({ length: days }, (_, day) => {
    const state = states[day]
    return state ? state.drainage / (state.taw * HELD_OF_TAW) : 0
  })
  const demand = emptyDays(days)
  for (const own of standing) addDemand(own, bears(own) * own.planting.count, demand, { first, days })
  return {
    from,
    days,
    today: Math.min(days - 1, daysBetween(from, today)),
    temperature,
    drainage,
    demand,
    soil: soilGives(place, temperature, feedEntries(entries, 'soil-tested').at(-1)?.data.organicMatter),
    fed: feedEntries(entries, 'fed')
      .map(({ on, data }) => ({ ...data, day: daysBetween(from, on) }))
      .filter(({ day }) => day > -BEFORE && day < days)
      .map((fed) => ({ ...fed, day: Math.max(0, fed.day) })),
  }
}
const YEAR = 365
/** What was given in the weeks before setting out counts from its day. */
const BEFORE = 60

const emptyDays = (days: number) =>
  Object.fromEntries(
    LEDGER_NUTRIENTS.map((nutrient) => [nutrient, Array.from({ length: days }, () => 0)]),
  ) as Record<LedgerNutrient, number[]>

function addDemand(
  own: PlantingOutlook,
  kg: number,
  demand: PlaceLedger['demand'],
  { first, days }: { first: number; days: number },
): void {
  const { cultivar } = own
  const growth = growthOf(own)
  // What it took up before its account begins came from what was there then.
  const grown = Array.from({ length: days + 1 }, (_, day) => growth(first + day))
  const { toFirstFlower, ripening } = thermalTraits(cultivar)
  const share = uptakeBy(grown, toFirstFlower + ripening)
  const total = totalDemand(cultivar.crop, kg)
  for (const nutrient of LEDGER_NUTRIENTS)
    for (let day = 0; day < days; day++)
      demand[nutrient][day]! += total[nutrient] * (share[day + 1]! - share[day]!)
}

/** g that the soil's own organic matter gives by day: more the warmer; a pot's mix gives none. */
function soilGives(
  place: Place,
  temperature: readonly number[],
  organic = USUAL_ORGANIC,
): PlaceLedger['soil'] {
  const gives = emptyDays(temperature.length)
  if (place.pot) return gives
  const season =
    Math.min(organic, MOST_ORGANIC) * ORGANIC_MATTER_N * place.length * place.width * KG_HA_TO_G_M2
  const pace = temperature.map((one) => releasePace(one))
  const all = pace.reduce((sum, one) => sum + one, 0)
  if (all === 0) return gives
  for (const nutrient of LEDGER_NUTRIENTS)
    gives[nutrient] = pace.map((one) => (season * WITH_N[nutrient] * one) / all)
  return gives
}
const KG_HA_TO_G_M2 = 0.1

/** g of a nutrient in a product, by its label. */
export function gramsOf(
  nutrient: LedgerNutrient,
  { grams, n, p2o5, k2o }: Pick<FedProduct, 'grams' | 'n' | 'p2o5' | 'k2o'>,
): number {
  const percent = nutrient === 'n' ? n : nutrient === 'p' ? p2o5 * P_OF_P2O5 : k2o * K_OF_K2O
  return (grams * percent) / 100
}

/**
 * Of a product's nitrogen, what soil holds at first; what has to be freed by soil life is nitrate when it
 * comes.
 */
const HELD: Record<NitrogenForm, number> = {
  nitrate: 0,
  ammonium: 1,
  urea: 1,
  mixed: 0.5,
  organic: 0,
  none: 0,
}

/** The weeks of one nutrient of a place, with more given than was entered where that is tried. */
export function nutrientLedger(
  place: PlaceLedger,
  nutrient: LedgerNutrient,
  tried: readonly FedProduct[] = [],
): LedgerWeek[] {
  return ledger(nutrient, {
    days: place.days,
    temperature: place.temperature,
    soil: place.soil[nutrient],
    demand: place.demand[nutrient],
    drainage: place.drainage,
    applications: [...place.fed, ...tried].map((fed): Application => ({
      day: fed.day,
      grams: gramsOf(nutrient, fed),
      release: fed.release,
      ...(fed.days === undefined ? {} : { days: fed.days }),
      ...(nutrient === 'n' ? { held: HELD[fed.nitrogen ?? 'nitrate'] } : {}),
    })),
  })
}

/** Weeks that an application is meant for. */
const WEEKS_AHEAD = 4

/** The coming four weeks of a ledger. */
export const weeksAhead = (weeks: readonly LedgerWeek[], today: number): LedgerWeek[] =>
  weeks.filter(({ from }) => from + 6 >= today).slice(0, WEEKS_AHEAD)

/** g of a nutrient that will be missing in the coming four weeks. */
export const gapAhead = (weeks: readonly LedgerWeek[], today: number): number =>
  weeksAhead(weeks, today).reduce((sum, { gap }) => sum + gap, 0)

/** The ledger of a place with its water on a day, worked out once. */
export const ledgerOf = (
  watered: Pick<WateredPlace, 'place' | 'plantings' | 'entries' | 'water'>,
  today: IsoDate,
  bears: Bears,
): PlaceLedger | null =>
  remembered(watered, `ledger ${today} ${watered.plantings.map(bears).join()}`, () =>
    placeLedger(watered.place, watered.plantings, watered.entries, watered.water.states, today, bears),
  )
