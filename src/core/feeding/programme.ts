import type { Crop } from '../crop'
import type { FeedingSchool } from '../transplant'
import { glutIn } from './ledger'
import type { FedProduct } from './fed-product'
import { nutrientLedger, type PlaceLedger } from './place-ledger'
import { commonProduct } from './common-products'
import type { Product as FullProduct } from './product'

/** One feed of a programme: g of a product a plant on a day of the ledger. */
export interface ProgrammeFeed extends FedProduct {
  aPlant: number
  /** How it is given. */
  how: 'worked-in' | 'scratched-in' | 'in-the-hole' | 'dilute' | 'solution'
}

/** A season fed by a school: its feeds, and what nitrogen comes of it. */
export interface Programme {
  school: FeedingSchool
  feeds: ProgrammeFeed[]
  /** g of nitrogen wanted and not there, and ready at the end. */
  missing: number
  left: number
  glut: boolean
}

type Product = Pick<FullProduct, 'name' | 'n' | 'p2o5' | 'k2o' | 'release' | 'nitrogen'>
/**
 * What each school gives; a growth mix to the first flowers, then more potassium, most of its nitrogen as
 * nitrate.
 */
const COMPOST: Product = commonProduct('Compost')
const MEAL: Product = commonProduct('Seed meal')
const GRANULES: Product = commonProduct('Balanced granules')
const GROWTH: Product = { name: 'Growth feed', n: 12, p2o5: 4, k2o: 8, release: 'soluble', nitrogen: 'mixed' }
const FRUITING: Product = {
  name: 'Fruiting feed',
  n: 6,
  p2o5: 4,
  k2o: 12,
  release: 'soluble',
  nitrogen: 'nitrate',
}
/** g a plant: 6 cm of compost on its first square, two tablespoons of meal, one of granules, a dilute can. */
const A_PLANT: Record<Crop, { compost: number; meal: number; granules: number; can: number }> = {
  tomato: { compost: 6000, meal: 18, granules: 15, can: 2.4 },
  pepper: { compost: 3700, meal: 18, granules: 10, can: 1.6 },
}
const EACH = { 'slow-organic': 10, 'steady-liquid': 7, 'nutrient-solution': 7 } as const
/** Nothing is given in the last weeks: it would feed leaf that frost takes. */
const STOPS_BEFORE_END = 21
/** Of what a season wants, so much is taken up when feeding ends: a place may go on long after, where no frost ends it. */
const MOST_WANTED = 0.95
/** Of the time in which they want it, in which too much nitrogen makes leaf for fruit; what lies ready later harms less. */
const GROWING = 0.6
/** Nutrient solution gives, of a dilute can a week, so many times as much. */
const SOLUTION_CANS = 2.5
/**
 * Over this share of its season's want a programme leaves something to be missed, and a second meal is given.
 */
const SECOND_MEAL = 0.15

/**
 * A school's season for what stands in a place, from its first setting out: what, when, how much a plant, and what
 * nitrogen that leaves missing or unused on this soil.
 *
 * @param plants how many, their crop, and the ledger's day on which they flower first
 */
export function feedingProgramme(
  school: FeedingSchool,
  place: PlaceLedger,
  plants: { count: number; crop: Crop; flowers: number | null },
): Programme {
  const { count, crop, flowers } = plants
  const wantedUntil = lastWanted(place.demand.n)
  const last = Math.min(place.days - STOPS_BEFORE_END, wantedUntil)
  const given = (second: boolean) =>
    schoolFeeds(school, crop, { flowers, last, second }).map(({ product, ...feed }): ProgrammeFeed => ({
      name: product.name,
      n: product.n,
      p2o5: product.p2o5,
      k2o: product.k2o,
      release: product.release,
      nitrogen: product.nitrogen,
      ...feed,
      grams: feed.aPlant * count,
    }))
  const made = (feeds: ProgrammeFeed[]): Programme => {
    const weeks = nutrientLedger({ ...place, fed: [] }, 'n', feeds)
    return {
      school,
      feeds,
      missing: weeks.reduce((sum, { gap }) => sum + gap, 0),
      left: weeks.at(-1)?.left ?? 0,
      glut: glutIn(weeks, 0, wantedUntil * GROWING) !== null,
    }
  }
  const alone = made(given(false))
  if (school !== 'soil-first') return alone
  const wanted = place.demand.n.reduce((sum, day) => sum + day, 0)
  // A second feed only where the soil does not carry the fruit.
  return alone.missing > SECOND_MEAL * wanted ? made(given(true)) : alone
}

/** What one plant is given by a school: g of a product on a day from setting out. */
export interface SchoolFeed {
  day: number
  product: Product
  aPlant: number
  how: ProgrammeFeed['how']
}

/**
 * A season's feeds of one plant by a school.
 *
 * @param when the days from setting out on which it flowers first, null: it does not, and on which feeding ends; whether
 *   soil that does not carry the fruit is fed a second time
 */
export function schoolFeeds(
  school: FeedingSchool,
  crop: Crop,
  when: { flowers: number | null; last: number; second: boolean },
): SchoolFeed[] {
  const { flowers, last, second } = when
  const dose = A_PLANT[crop]
  const feed = (day: number, product: Product, aPlant: number, how: SchoolFeed['how']): SchoolFeed => ({
    day,
    product,
    aPlant,
    how,
  })
  const cans = (every: number, from: number, times: number, how: 'dilute' | 'solution') => {
    const feeds: SchoolFeed[] = []
    for (let day = from; day < last; day += every)
      feeds.push(feed(day, flowers !== null && day >= flowers ? FRUITING : GROWTH, dose.can * times, how))
    return feeds
  }
  switch (school) {
    case 'soil-first': {
      const base = [feed(0, COMPOST, dose.compost, 'worked-in')]
      return second && flowers !== null && flowers < last
        ? [...base, feed(flowers, MEAL, dose.meal, 'scratched-in')]
        : base
    }
    case 'slow-organic':
      return [feed(0, MEAL, dose.meal, 'scratched-in'), ...cans(EACH[school], 21, 1, 'dilute')]
    case 'steady-liquid':
      return [feed(0, GRANULES, dose.granules, 'in-the-hole'), ...cans(EACH[school], 14, 1, 'dilute')]
    case 'nutrient-solution':
      return cans(EACH[school], 0, SOLUTION_CANS, 'solution')
  }
}

/** The day of a ledger by which its plants have taken up nearly all that they want of it. */
function lastWanted(demand: readonly number[]): number {
  const all = demand.reduce((sum, day) => sum + day, 0)
  let taken = 0
  const day = demand.findIndex((one) => (taken += one) >= MOST_WANTED * all)
  return day < 0 ? demand.length : day + 1
}
