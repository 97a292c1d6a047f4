import { addDays, daysBetween, type IsoDate } from '../../core/calendar'
import {
  COMMON_PRODUCTS,
  feedingProgramme,
  gapAhead,
  glutIn,
  nutrientLedger,
  placeLedger,
  readSoilTest,
  saltThreshold,
  type LedgerNutrient,
  type PlaceLedger,
  type ProgrammeFeed,
  type SoilTest,
} from '../../core/feeding'
import { ofKind, type LogEntry, type Manner, type Place } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import type { PlantingOutlook } from '../../core/season'
import { FEEDING_SCHOOLS, usualFeeding, type FeedingSchool } from '../../core/transplant'
import type { PlaceWater } from '../../core/watering'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/gardens'
import { formatDate } from '../../wording/dates'
import { sayReason } from '../../wording/say-reason'
import { wateredPlaces } from './watered-places'

/** How one place is fed, in short. */
interface FedPlace {
  id: string
  name: string
  verdict: 'glut' | 'gap' | 'fed'
}

/** One place's feeding as of a day. */
export interface FeedDetail {
  id: string
  name: string
  plants: string
  school: FeedingSchool
  isPot: boolean
  ledger: PlaceLedger
  /** The first day of each week, in words. */
  weeks: string[]
  glut: boolean
  /** g that are missing in the coming four weeks, if nothing is given. */
  gap: Record<LedgerNutrient, number>
  /** It flowers: less N from now on, more K. */
  flowers: boolean
  /** What was given, the last first. */
  given: string[]
  /** What would fill the gap of nitrogen: a product and g of it; null: nothing is missing. */
  mix: { name: string; grams: number } | null
  /** What speaks against feeding today. */
  warnings: ('dry-roots' | 'cold-soil')[]
  programmes: ProgrammeView[]
  soilTest: SoilTest | null
  soilReasons: { text: string; weight: string }[]
}

/** A school's season in words. */
export interface ProgrammeView {
  school: FeedingSchool
  missing: number
  left: number
  glut: boolean
  feeds: string[]
}

export interface FeedView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  places: FedPlace[]
  chosen: FeedDetail | null
}

/** Days ahead in which a glut is told. */
const GLUT_AHEAD = 14
/** g of nitrogen a plant under which nothing is said to be missing. */
const WORTH = 0.3
/** † What each school gives, where nitrogen is missing. */
const SCHOOL_PRODUCT: Record<FeedingSchool, string> = {
  'soil-first': 'Seed meal',
  'slow-organic': 'Seed meal',
  'steady-liquid': 'Balanced granules',
  'nutrient-solution': 'Balanced granules',
}
/** † Of a meal, what comes free within the four weeks that it is given for. */
const FREE_IN_FOUR_WEEKS = { meal: 0.28, castings: 0.17, soluble: 1, coated: 0.3, compost: 0.05 } as const

export function feedView(state: GardenState, on: IsoDate, asked: string | undefined): FeedView {
  const manner = mannerOf(state.garden)
  const details = wateredPlaces(state, on, 1).flatMap(
    ({ place, plantings, entries, water }): FeedDetail[] => {
      const ledger = placeLedger(place, plantings, entries, water.states, on)
      return ledger
        ? [
            {
              ...detailOf(place, plantings, entries, ledger, on, manner),
              warnings: warningsOf(water, ledger),
            },
          ]
        : []
    },
  )
  const chosen =
    details.find(({ id }) => id === asked) ?? details.find(({ glut }) => glut) ?? details[0] ?? null
  return {
    manner,
    on,
    now: state.now,
    places: details.map(({ id, name, glut, mix }) => ({
      id,
      name,
      verdict: glut ? 'glut' : mix ? 'gap' : 'fed',
    })),
    chosen,
  }
}

function detailOf(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly LogEntry[],
  ledger: PlaceLedger,
  on: IsoDate,
  manner: Manner,
): Omit<FeedDetail, 'warnings'> {
  const weeks = nutrientLedger(ledger, 'n')
  const gap = {
    n: gapAhead(weeks, ledger.today),
    p: gapAhead(nutrientLedger(ledger, 'p'), ledger.today),
    k: gapAhead(nutrientLedger(ledger, 'k'), ledger.today),
  }
  const school = usualFeeding(place)
  const product = COMMON_PRODUCTS.find(({ name }) => name === SCHOOL_PRODUCT[school])!
  const plants = plantings.reduce((sum, { planting }) => sum + planting.count, 0)
  const grams = gap.n / (product.n / 100) / FREE_IN_FOUR_WEEKS[product.release]
  const soilTest = ofKind(entries, 'soil-tested').at(-1)?.data ?? null
  const rounded = (values: readonly number[]) => values.map((value) => Math.round(value * 10_000) / 10_000)
  return {
    id: place.id,
    name: place.name,
    plants: plantings.map(({ cultivar, planting }) => `${cultivar.name} × ${planting.count}`).join(', '),
    school,
    isPot: place.pot !== null,
    ledger: {
      ...ledger,
      temperature: rounded(ledger.temperature),
      drainage: rounded(ledger.drainage),
      demand: { n: rounded(ledger.demand.n), p: rounded(ledger.demand.p), k: rounded(ledger.demand.k) },
      soil: { n: rounded(ledger.soil.n), p: rounded(ledger.soil.p), k: rounded(ledger.soil.k) },
    },
    weeks: weeks.map(({ from }) => formatDate(addDays(ledger.from, from), manner, 'short')),
    glut: glutIn(weeks, ledger.today, ledger.today + GLUT_AHEAD) !== null,
    gap,
    flowers: plantings.some(({ dates }) => {
      const first = dates['first-flower'].date
      return first !== null && first <= on
    }),
    given: ledger.fed
      .map(
        (fed) =>
          `${formatDate(addDays(ledger.from, fed.day), manner)}: ${fed.name} ${fed.n}–${fed.p2o5}–${fed.k2o}, ${Math.round(fed.grams)} g`,
      )
      .reverse(),
    mix: gap.n > WORTH * plants ? { name: product.name, grams } : null,
    programmes: programmesOf(plantings, ledger, manner),
    soilTest,
    soilReasons: soilTest
      ? readSoilTest(soilTest, saltThreshold(plantings[0]!.cultivar.crop)).map((reason) => ({
          text: sayReason(reason, manner),
          weight: reason.weight,
        }))
      : [],
  }
}

/** † Under this soil life gives little, °C. */
const COLD = 12

function warningsOf(
  { states, depletion }: PlaceWater,
  { temperature, today }: PlaceLedger,
): FeedDetail['warnings'] {
  const raw = states.at(-1)?.raw ?? Infinity
  return [
    ...(depletion > raw ? (['dry-roots'] as const) : []),
    ...((temperature[today] ?? COLD) < COLD ? (['cold-soil'] as const) : []),
  ]
}

const HOW: Record<ProgrammeFeed['how'], string> = {
  'worked-in': 'worked in',
  'scratched-in': 'scratched in',
  'in-the-hole': 'in the hole',
  dilute: 'in a dilute can',
  solution: 'in solution through the week',
}

function programmesOf(
  plantings: readonly PlantingOutlook[],
  ledger: PlaceLedger,
  manner: Manner,
): ProgrammeView[] {
  const first = plantings
    .map(({ dates }) => dates['first-flower'].date)
    .filter((date) => date !== null)
    .sort()[0]
  const plants = {
    count: plantings.reduce((sum, { planting }) => sum + planting.count, 0),
    crop: plantings[0]!.cultivar.crop,
    flowers: first === undefined ? null : Math.max(0, daysBetween(ledger.from, first)),
  }
  return FEEDING_SCHOOLS.map((school) => {
    const { feeds, missing, left, glut } = feedingProgramme(school, ledger, plants)
    return {
      school,
      missing,
      left,
      glut,
      feeds: feeds.map(
        ({ day, name, n, p2o5, k2o, aPlant, how }) =>
          `${formatDate(addDays(ledger.from, day), manner)}: ${name} ${n}–${p2o5}–${k2o}, ${formatMeasure({ kind: 'mass', value: aPlant / 1000 }, manner)} a plant, ${HOW[how]}`,
      ),
    }
  })
}
