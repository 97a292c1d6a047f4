import type { Day, GardenState } from '../../data/garden-state'
import type { IsoDate } from '../../core/calendar'
import { CROPS, type Crop } from '../../core/crop'
import { byDecision, sumOf, type CropSum, type DecisionResult } from '../../core/harvest'
import type { Cost, Manner } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { nameOf } from '../../wording/names'
import { resultsOf, type PlantingResult } from '../../core/garden-day'
import { byPlant, spentOn, sumOfCosts } from './spent'

/** A planting's season in words. */
export interface ReviewLine {
  id: string
  cultivar: string
  place: string
  sum: CropSum
  /** Working hours, and what it cost this season. */
  hours: number
  cost: Cost
  /** kg by plant, where pickings name one, the most first. */
  plants: { label: string; mass: number }[]
  when: string
  verdict: PlantingResult['verdict']
}

export interface ReviewView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  season: number
  /** Seasons with a planting in the ground, the last first. */
  seasons: number[]
  /** Archived, and its log is closed through a day; null: it is open. */
  archived: string | null
  /** The season is over, so that it can be put away. */
  isOver: boolean
  lines: ReviewLine[]
  all: CropSum
  hours: number
  cost: Cost
  /** The season before this one; null: there was none. */
  before: CropSum | null
  /** Cultivar by cultivar, over all seasons. */
  cultivars: { name: string; seasons: { season: number; sum: CropSum }[] }[]
  /** By crop: tomatoes and peppers are not set beside each other. */
  decisions: (DecisionResult & { crop: Crop })[]
}

const sayArchived = (state: GardenState, season: number, manner: Manner): string | null => {
  const archived = state.archive.find((one) => one.season === season)
  return archived ? formatDate(archived.through, manner) : null
}

export function reviewView(day: Day, asked: string | undefined): ReviewView {
  const { state, on, manner } = day
  const results = resultsOf(day)
  const seasons = [...new Set(results.map(({ season }) => season))].sort((a, b) => b - a)
  const massOf = (year: number | undefined) => sumOf(results.filter((one) => one.season === year)).mass
  // A season that has hardly begun to bear is not reviewed yet.
  const usual = massOf(seasons[0]) < massOf(seasons[1]) / 2 ? seasons[1] : seasons[0]
  const season = seasons.find((one) => String(one) === asked) ?? usual ?? Number(on.slice(0, 4))
  const own = results.filter((one) => one.season === season)
  const spent = spentOn(state, own)
  const past = results.filter((one) => one.season === season - 1)
  const bore = results.filter(({ mass }) => mass > 0)
  const names = [...new Set(bore.map(({ cultivar }) => cultivar))].sort()
  return {
    manner,
    on,
    now: state.now,
    season,
    seasons,
    archived: sayArchived(state, season, manner),
    isOver: season < day.season,
    lines: own
      .map((one) => ({
        id: one.planting.id,
        cultivar: one.cultivar,
        place: one.place,
        sum: sumOf([one]),
        hours: spent.get(one.planting.id)!.minutes / 60,
        cost: spent.get(one.planting.id)!.cost,
        plants: byPlant(state, one),
        when:
          one.firstPicked && one.lastPicked
            ? `${formatDate(one.firstPicked, manner, 'short')} to ${formatDate(one.lastPicked, manner, 'short')}`
            : '',
        verdict: one.verdict,
      }))
      .sort((a, b) => b.sum.aPlant - a.sum.aPlant),
    all: sumOf(own),
    hours: [...spent.values()].reduce((sum, { minutes }) => sum + minutes, 0) / 60,
    cost: sumOfCosts([...spent.values()].map(({ cost }) => cost)),
    before: past.length > 0 ? sumOf(past) : null,
    cultivars: names.map((name) => ({
      name,
      seasons: seasons.flatMap((one) => {
        const some = bore.filter((result) => result.cultivar === name && result.season === one)
        return some.length > 0 ? [{ season: one, sum: sumOf(some) }] : []
      }),
    })),
    decisions: CROPS.flatMap((crop) =>
      byDecision(bore.filter((one) => one.crop === crop && (usual === undefined || one.season <= usual))).map(
        (decision) => ({
          ...decision,
          crop,
          ways: decision.ways.map(({ way, sum }) => ({ way: nameOf(way), sum })),
        }),
      ),
    ),
  }
}
