import { USUAL_VINE } from '../../../core/crop'
import {
  adviserActs,
  ledSeason,
  offeredOn,
  toldOf,
  visitAfter,
  type LedActs,
  type LedSeason,
  type LedSite,
  type LedTold,
  type LedVisit,
  type LedYesNo,
} from '../../../core/led-season'
import { remembered } from '../../../core/memo'
import type { LedAddress } from './led-text'

/** A season as far as it was led. */
export interface LedRun {
  season: LedSeason
  acts: readonly LedActs[]
  visit: LedVisit
  /** How the last visit went, and what Prairie's own hand would have done on it; null: there was none. */
  last: { told: LedTold[]; acts: LedActs; advised: LedActs; offered: readonly LedYesNo[] } | null
  isOver: boolean
}

/** The season of an address as far as it was led. */
export function ledRun(site: LedSite, { length, seed, acts: all }: LedAddress): LedRun {
  const season = remembered(site, `led ${length} ${seed}`, () => ledSeason(site, USUAL_VINE, length, seed), 2)
  const acts = all.slice(0, season.visits.length)
  const visit = visitAt(season, acts)
  const done = acts.at(-1)
  const before = done ? visitAt(season, acts.slice(0, -1)) : null
  const advised = done ? adviserActs(season, acts.slice(0, -1)) : null
  return {
    season,
    acts,
    visit,
    last:
      done && before && advised
        ? {
            told: toldOf(season, { acts: done, advised }, before, visit),
            acts: done,
            advised,
            offered: offeredOn(before),
          }
        : null,
    isOver: acts.length === season.visits.length || !visit.sight.stands,
  }
}

const visitAt = (season: LedSeason, acts: readonly LedActs[]): LedVisit =>
  remembered(season, `visit ${JSON.stringify(acts)}`, () => visitAfter(season, acts), 60)

/** The same weather by Prairie's own hand, one visit a step. */
export function* advisedRun(season: LedSeason): Generator<void, LedVisit> {
  const acts: LedActs[] = []
  while (acts.length < season.visits.length) {
    acts.push(adviserActs(season, acts))
    yield
  }
  return visitAfter(season, acts)
}

/** What the forecast tells until the next visit. */
export function forecastAt({ visits, end, series }: LedSeason, at: number) {
  const [from, to] = [visits[at] ?? end, visits[at + 1] ?? end]
  let [low, high, rain] = [Infinity, -Infinity, 0]
  for (let day = from; day < to; day++) {
    low = Math.min(low, series.tmin[day]!)
    high = Math.max(high, series.tmax[day]!)
    rain += series.rain[day]!
  }
  return { days: to - from, low, high, rain }
}
