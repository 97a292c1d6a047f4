import { requireInRange } from '../guard'
import {
  simulateSeason,
  type LossCause,
  type PlantSeason,
  type SeasonPlan,
  type SeasonWeather,
} from '../season-model'
import { causesOf, type CauseShare } from './causes'
import { pairedTo, type Paired } from './paired'
import { quantile } from '../random'
import { splitOf, type WeatherSplit } from './weather-split'

/** A way to grow, told apart by its id. */
export interface TrialWay {
  id: string
  plan: SeasonPlan
}

/** What is compared: kg a plant, or kg on each m² of ground. */
export type TrialMeasure = 'plant' | 'area'

/** A week's ripe fruit over the seasons, kg a plant: in 1, 5 and 9 of ten at the most. */
interface RipeWeek {
  low: number
  middle: number
  high: number
}

/** What came of a way over all seasons that were grown so far; figures of a plant, one for each season. */
export interface WayResult {
  id: string
  /** kg of sound ripe fruit. */
  sound: number[]
  /** The same as it is compared: a plant's, or of each m². */
  measured: number[]
  /** Days from the season's start; null: nothing ripened. */
  firstRipe: (number | null)[]
  /** Means of all seasons: kg to ripen indoors, kg lost by cause, L given, minutes, g N taken up, kg a fruit, share of leaf sick at the end. */
  indoors: number
  lost: Record<LossCause, number>
  litres: number
  minutes: number
  nitrogen: number
  fruitMass: number
  leafLost: number
  /** Seasons in which frost or disease took it before anything ripened. */
  lostWhole: number
  /** By weeks from the season's start. */
  weeks: RipeWeek[]
}

/** Another way against the first, season by season in the same weather. */
export interface PairedResult extends Paired {
  id: string
  /** Days that its first ripe fruit come later, middle season; null: one of them never has any. */
  later: number | null
  /** What made the mean difference; together it. */
  causes: CauseShare[]
  /** The weather that tells good seasons of it from bad ones; null: none does. */
  split: WeatherSplit | null
}

export interface TrialResult {
  ways: WayResult[]
  /** Every way but the first. */
  paired: PairedResult[]
  /** Seasons that were grown so far, of how many. */
  done: number
  of: number
}

export interface TrialInput {
  /** Two to four; the first is what the others are held against. */
  ways: readonly TrialWay[]
  seasons: readonly SeasonWeather[]
  measure?: TrialMeasure
  /** kg a plant that is expected of the first way in the middle season: all kg are drawn to it; else as the model grows them. */
  usual?: number
}

/** Seasons after which what came so far is told. */
const TOLD_EVERY = 20
const WEEK = 7
const MOST_WAYS = 4

/**
 * Grows every way in the same seasons and holds them against each other, season by season.
 *
 * @param input.onProgress called with what came so far, every 20 seasons
 * @throws RangeError with less than one way or more than four, two of the same id, no season, or a plan that cannot be
 */
export function runTrial({
  onProgress,
  ...input
}: TrialInput & { onProgress?: (soFar: TrialResult) => void }): TrialResult {
  const steps = trialing(input)
  for (;;) {
    const { done, value } = steps.next()
    if (done) return value
    onProgress?.(value)
  }
}

/** As {@link runTrial}, a batch of seasons a step, so that it can be shown and stopped; yields what came so far. */
export function* trialing({
  ways,
  seasons,
  measure = 'plant',
  usual,
}: TrialInput): Generator<TrialResult, TrialResult> {
  requireInRange('ways', ways.length, 1, MOST_WAYS)
  requireInRange('seasons', seasons.length, 1, 10_000)
  if (new Set(ways.map(({ id }) => id)).size < ways.length)
    throw new RangeError('ways must have ids of their own')
  const grown: PlantSeason[][] = ways.map(() => [])
  const soFar = () => resultOf(ways, grown, seasons, { measure, usual })
  for (const [at, weather] of seasons.entries()) {
    ways.forEach(({ plan }, way) => grown[way]!.push(simulateSeason(plan, weather)))
    if ((at + 1) % TOLD_EVERY === 0 && at + 1 < seasons.length) yield soFar()
  }
  return soFar()
}

function resultOf(
  ways: readonly TrialWay[],
  grown: readonly PlantSeason[][],
  seasons: readonly SeasonWeather[],
  { measure, usual }: { measure: TrialMeasure; usual: number | undefined },
): TrialResult {
  const middle = quantile(
    grown[0]!.map(({ sound }) => sound),
    0.5,
  )
  const scale = usual === undefined || middle === 0 ? 1 : usual / middle
  /** Of a plant's kg in the model, what is compared. */
  const counts = ({ plan }: TrialWay) => (measure === 'plant' ? scale : scale / plan.ground)
  const results = ways.map((way, at) => wayResult(way, grown[at]!, { scale, per: counts(way) }))
  const done = grown[0]!.length
  const [first] = results
  return {
    ways: results,
    paired: results.slice(1).map((result, at): PairedResult => {
      const [was, is] = [grown[0]!, grown[at + 1]!]
      const differences = result.measured.map((kg, season) => kg - first!.measured[season]!)
      return {
        id: result.id,
        ...pairedTo(differences, quantile(first!.measured, 0.5)),
        later: laterOf(first!.firstRipe, result.firstRipe),
        causes: causesOf(
          was.map((one) => ({ one, per: counts(ways[0]!) })),
          is.map((one) => ({ one, per: counts(ways[at + 1]!) })),
        ),
        split: splitOf(differences, seasons.slice(0, done), ways[0]!.plan),
      }
    }),
    done,
    of: seasons.length,
  }
}

function wayResult(
  way: TrialWay,
  seasons: readonly PlantSeason[],
  { scale, per }: { scale: number; per: number },
): WayResult {
  const count = seasons.length
  const mean = (of: (one: PlantSeason) => number) => seasons.reduce((sum, one) => sum + of(one), 0) / count
  const sound = seasons.map((one) => one.sound * scale)
  const lost = Object.fromEntries(
    Object.keys(seasons[0]!.lost).map((cause) => [
      cause,
      scale * mean((one) => one.lost[cause as LossCause]),
    ]),
  ) as Record<LossCause, number>
  return {
    id: way.id,
    sound,
    measured: seasons.map((one) => one.sound * per),
    firstRipe: seasons.map(({ firstRipe }) => firstRipe),
    indoors: scale * mean(({ indoors }) => indoors),
    lost,
    litres: mean(({ litres }) => litres),
    minutes: mean(({ minutes }) => minutes),
    nitrogen: mean(({ nitrogen }) => nitrogen),
    fruitMass: mean(({ fruitMass }) => fruitMass),
    leafLost: mean(({ leafLost }) => leafLost),
    lostWhole: seasons.filter(({ firstRipe, endedBy }) => firstRipe === null && endedBy !== 'never').length,
    weeks: weeksOf(seasons, scale),
  }
}

function weeksOf(seasons: readonly PlantSeason[], scale: number): RipeWeek[] {
  const days = seasons[0]!.ripeByDay.length
  return Array.from({ length: Math.ceil(days / WEEK) }, (_, week) => {
    const kg = seasons.map(({ ripeByDay }) => {
      let sum = 0
      for (let day = week * WEEK; day < Math.min(days, (week + 1) * WEEK); day++) sum += ripeByDay[day]!
      return sum * scale
    })
    return { low: quantile(kg, 0.1), middle: quantile(kg, 0.5), high: quantile(kg, 0.9) }
  })
}

/** Of seasons in which both ripen, the middle difference of their first days. */
function laterOf(was: readonly (number | null)[], is: readonly (number | null)[]): number | null {
  const days = was.flatMap((day, season) => {
    const other = is[season]!
    return day === null || other === null ? [] : [other - day]
  })
  return days.length === 0 ? null : quantile(days, 0.5)
}
