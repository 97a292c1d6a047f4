import { sayGrade } from '../../../wording/doses'
import type { Day } from '../../../data/garden-state'
import { addDays, daysBetween, type IsoDate } from '../../../core/calendar'
import {
  adviseFeed,
  feedingProgramme,
  feedWarnings,
  readSoilTest,
  rotReasons,
  saltThreshold,
  type FeedAnswer,
  type FeedWarning,
  type LedgerNutrient,
  type PlaceLedger,
  type Product,
  type ProgrammeFeed,
  type SoilTest,
} from '../../../core/feeding'
import { potAdvice, potVolume } from '../../../core/containers'
import { potOf, type Manner, type Place } from '../../../core/facts'
import type { AnyEntry } from '../../../core/entry'
import { ofKind } from '../../../core/log'
import { formatMeasure } from '../../../core/quantity'
import type { PlantingOutlook } from '../../../core/season'
import { FEEDING_SCHOOLS, type FeedingSchool } from '../../../core/transplant'
import { evenness, fruitDays, type PlaceWater, type WateredPlace } from '../../../core/watering'
import { formatDate } from '../../../wording/dates'
import { sayReasons, type SaidReason } from '../../../wording/say-reason'

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
  selfWatering: boolean
  count: number
  ledger: PlaceLedger
  /** The first day of every week, in words. */
  weeks: string[]
  glut: boolean
  /** g that are missing in the coming four weeks, if nothing is given. */
  gap: Record<LedgerNutrient, number>
  /** It flowers: less N from now on, more K. */
  flowers: boolean
  /** What was given, the last first. */
  given: string[]
  /** What would fill the gap of nitrogen: a product and g of it; null: nothing is missing. */
  mix: FeedAnswer['mix']
  /** What speaks against feeding today. */
  warnings: FeedWarning[]
  programmes: ProgrammeView[]
  soilTest: SoilTest | null
  soilReasons: SaidReason[]
  /** What speaks for blossom-end rot here, and what helps. */
  rotReasons: SaidReason[]
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
  /** Feeds of the garden's own. */
  products: readonly Product[]
}

export function feedView(day: Day, asked: string | undefined): FeedView {
  const { state, on, manner } = day
  const fed = day.water.flatMap((watered) => {
    const ledger = day.ledger(watered)
    if (!ledger) return []
    const { glut, mix } = adviseFeed(ledger, day.house.feeding(watered.place), plantsIn(watered.plantings))
    return [{ watered, ledger, id: watered.place.id, name: watered.place.name, glut, mix }]
  })
  const shown = fed.find(({ id }) => id === asked) ?? fed.find(({ glut }) => glut) ?? fed[0]
  return {
    manner,
    on,
    now: state.now,
    places: fed.map(({ id, name, glut, mix }) => ({
      id,
      name,
      verdict: glut ? 'glut' : mix ? 'gap' : 'fed',
    })),
    chosen: shown ? chosenOf(day, shown.watered, shown.ledger) : null,
    products: state.products,
  }
}

const plantsIn = (plantings: readonly PlantingOutlook[]) =>
  plantings.reduce((sum, { planting }) => sum + planting.count, 0)

function chosenOf({ on, manner, house }: Day, watered: WateredPlace, ledger: PlaceLedger): FeedDetail {
  const { place, plantings, entries, water } = watered
  const detail = detailOf(place, plantings, entries, ledger, on, manner, house.feeding(place))
  return {
    ...detail,
    warnings: feedWarnings(water, ledger),
    rotReasons: sayReasons(rotOf(place, plantings, entries, water, detail.glut), manner),
  }
}

function detailOf(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly AnyEntry[],
  ledger: PlaceLedger,
  on: IsoDate,
  manner: Manner,
  school: FeedingSchool,
): Omit<FeedDetail, 'warnings' | 'rotReasons'> {
  const plants = plantsIn(plantings)
  const { weeks, gap, glut, mix } = adviseFeed(ledger, school, plants)
  const soilTest = ofKind(entries, 'soil-tested').at(-1)?.data ?? null
  const rounded = (values: readonly number[]) => values.map((value) => Math.round(value * 10_000) / 10_000)
  return {
    id: place.id,
    name: place.name,
    plants: plantings.map(({ cultivar, planting }) => `${cultivar.name} × ${planting.count}`).join(', '),
    school,
    isPot: place.pot !== null,
    selfWatering: place.pot?.selfWatering ?? false,
    count: plants,
    ledger: {
      ...ledger,
      temperature: rounded(ledger.temperature),
      drainage: rounded(ledger.drainage),
      demand: { n: rounded(ledger.demand.n), p: rounded(ledger.demand.p), k: rounded(ledger.demand.k) },
      soil: { n: rounded(ledger.soil.n), p: rounded(ledger.soil.p), k: rounded(ledger.soil.k) },
    },
    weeks: weeks.map(({ from }) => formatDate(addDays(ledger.from, from), manner, 'short')),
    glut,
    gap,
    flowers: plantings.some(({ dates }) => {
      const first = dates['first-flower'].date
      return first !== null && first <= on
    }),
    given: ledger.fed
      .map(
        (fed) =>
          `${formatDate(addDays(ledger.from, fed.day), manner)}: ${fed.name} ${sayGrade(fed, manner)}, ${Math.round(fed.grams)} g`,
      )
      .reverse(),
    mix,
    programmes: programmesOf(plantings, ledger, manner),
    soilTest,
    soilReasons: soilTest
      ? sayReasons(readSoilTest(soilTest, saltThreshold(plantings[0]!.cultivar.crop)), manner)
      : [],
  }
}

/** The case for and against blossom-end rot in a place, by its water, feed, pot, types and soil test. */
function rotOf(
  place: Place,
  plantings: readonly PlantingOutlook[],
  entries: readonly AnyEntry[],
  { course, states }: PlaceWater,
  glut: boolean,
) {
  const fruit = fruitDays(plantings, course.from, states.length)
  const pot = potOf(place)
  const plants = plantsIn(plantings)
  const { cultivar } = plantings[0]!
  const filled = pot && potVolume(pot).filled
  const test = ofKind(entries, 'soil-tested').at(-1)?.data
  const said = test && readSoilTest(test, saltThreshold(cultivar.crop)).map(({ rule }) => rule)
  return rotReasons({
    dryDays: evenness(states, fruit).dryDays,
    glut,
    pot:
      filled === null
        ? null
        : {
            litres: filled / plants,
            least: potAdvice(cultivar, filled, place.pot?.selfWatering ?? false).answer.least,
          },
    proneness: fruit.proneness,
    test: said ? { calciumLow: said.includes('soil.ca-low'), salty: said.includes('soil.salty') } : null,
  })
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
        (given) =>
          `${formatDate(addDays(ledger.from, given.day), manner)}: ${given.name} ${sayGrade(given, manner)}, ${formatMeasure({ kind: 'mass', value: given.aPlant / 1000 }, manner)} per plant, ${HOW[given.how]}`,
      ),
    }
  })
}
