import { generateWeather, turningDays, type DailySeries, type Normals } from '../climate'
import { epochDay, type IsoDate } from '../calendar'
import { STANDARD_GROWTH, type Cultivar } from '../crop'
import { requireInRange, requireInteger } from '../guard'
import { hashSeed, seededRandom } from '../random'
import { seasonWeathers, type SeasonPlan, type SeasonWeather } from '../season-model'

/** How a plant is watered until the next visit. */
export const LED_WATERINGS = ['none', 'soak', 'third-day', 'daily'] as const
export type LedWatering = (typeof LED_WATERINGS)[number]

/** What a hand does on a visit, and until the next. */
export interface LedActs {
  water: LedWatering
  /** Suckers out, ties tied, a feed given, ripe fruit picked; a cloth over it each night. */
  prune: boolean
  tie: boolean
  feed: boolean
  pick: boolean
  cover: boolean
}
export const LED_YES_NO = ['prune', 'tie', 'feed', 'pick', 'cover'] as const
export type LedYesNo = (typeof LED_YES_NO)[number]

/** Visits of a season by how long it may take to lead: the whole season has one a week. */
export const LED_LENGTHS = { short: 6, medium: 12, whole: null } as const
export type LedLength = keyof typeof LED_LENGTHS
/** d. */
export const WEEK = 7
/** m of stem under the soil. */
export const BURIED = 0.1

/** One season to lead a plant through. Days count from the season's start. */
export interface LedSeason {
  cultivar: Cultivar
  setOut: number
  /** Days of the visits, the first on the day that it was planted out; and the day after the last. */
  visits: readonly number[]
  end: number
  series: DailySeries
  weather: SeasonWeather
}

/** Where it is led: ° and m, its climate, and the days on which plants go out and frost ends them, or a season does. */
export interface LedSite {
  latitude: number
  elevation: number
  normals: Normals
  setOut: number
  end: number
}

const DAYS = 500

/**
 * A season of a site: the same seed always has the same weather.
 *
 * @throws RangeError when its days or its seed are out of range
 */
export function ledSeason(site: LedSite, cultivar: Cultivar, length: LedLength, seed: number): LedSeason {
  const { latitude, normals, setOut, end } = site
  requireInteger('seed', seed, 0, 4_294_967_295)
  requireInRange('setOut', setOut, 0, 365)
  requireInRange('end', end, setOut + WEEK, DAYS - 1)
  const { coldest, warmest } = turningDays(normals)
  const series = generateWeather({
    normals,
    latitude,
    from: epochDay('2001-01-01' as IsoDate) + coldest,
    days: DAYS,
    random: seededRandom(hashSeed('led', seed)),
  })
  const [weather] = seasonWeathers({ normals, warmest, seasons: [series], recorded: false }, site, 'open')
  const count = LED_LENGTHS[length]
  const apart = count === null ? WEEK : Math.max(WEEK, Math.round((end - setOut) / count))
  const visits: number[] = []
  for (let day = setOut; day < end - apart / 2; day += apart) visits.push(day)
  return { cultivar, setOut, visits, end, series, weather: weather! }
}

/** mm of water that each way of watering gives at a time. */
const GIVES: Record<Exclude<LedWatering, 'none'>, number> = { soak: 30, 'third-day': 18, daily: 8 }
/** m² of a lone vine on one stem in its row. */
const GROUND = 0.4

/** L a plant that a way of watering gives at a time. */
export const ledLitres = (water: LedWatering): number => (water === 'none' ? 0 : GIVES[water] * GROUND)

/** g of nitrogen in a feed. */
const DOSE = 2
const MANY_DAYS = 500

/** The plan that a hand's visits so far come to; the last of its ways goes on. */
export function planOfHand(season: LedSeason, acts: readonly LedActs[]): SeasonPlan {
  let plan: SeasonPlan | null = null
  let [unpruned, untied] = [0, 0]
  const feeds: { day: number; nitrogen: number; release: 'soluble' }[] = []
  const done = acts.length === 0 ? [NOTHING] : acts
  done.forEach((act, at) => {
    const from = season.visits[at]!
    unpruned = act.prune ? 0 : unpruned + 1
    untied = act.tie ? 0 : untied + 1
    if (act.feed) feeds.push({ day: from - season.setOut, nitrogen: DOSE, release: 'soluble' })
    const way: SeasonPlan = {
      cultivar: season.cultivar,
      training: unpruned === 0 ? 'single-stem' : unpruned === 1 ? 'two-stems' : 'cage',
      setOut: season.setOut,
      growth: STANDARD_GROWTH[season.cultivar.crop],
      hardened: true,
      buried: BURIED,
      ground: GROUND,
      sun: 1,
      roots: { kind: 'ground', texture: 'loam', depth: 0.5, raised: false },
      mulch: 'straw',
      watering: wateringOf(act.water, (season.visits[at + 1] ?? season.end) - from),
      overhead: false,
      organicMatter: 2,
      feeds: [...feeds],
      salinity: 0,
      clearStem: act.prune ? 0.3 : 0,
      pinched: 0,
      topped: null,
      cloth: act.cover ? MANY_DAYS : 0,
      shade: 0,
      shaken: true,
      stoodTo: null,
      untied: untied === 0 ? undefined : untied === 1 ? 'leans' : 'lies',
      green: false,
      end: season.end,
      earlier: plan === null ? null : { plan, to: from },
    }
    plan = way
  })
  return plan!
}

/** What nobody does. */
export const NOTHING: LedActs = {
  water: 'none',
  prune: false,
  tie: false,
  feed: false,
  pick: false,
  cover: false,
}

function wateringOf(water: LedWatering, days: number): SeasonPlan['watering'] {
  switch (water) {
    case 'none':
      return { by: 'rain' }
    case 'soak':
      return { by: 'fixed', litres: ledLitres(water), every: Math.min(60, days) }
    case 'third-day':
      return { by: 'fixed', litres: ledLitres(water), every: 3 }
    case 'daily':
      return { by: 'fixed', litres: ledLitres(water), every: 1 }
  }
}
