import type { LedActs, LedSeason } from './led'
import { LED_WATERINGS, NOTHING } from './led'
import { spanBetween, visitAfter } from './leading'

/** °C of a night in the forecast under which a cloth goes over it. */
const COVERS_UNDER = 2
/** Share of its growth that thirst may take before more water is worth it; and hunger, before a feed is. */
const WORTH = { water: 0.01, feed: 0.03 }

/**
 * What Prairie's own hand would do on the visit after a hand's acts so far: it knows the weather until the next one, as
 * the forecast tells it to the gardener too.
 */
export function adviserActs(season: LedSeason, acts: readonly LedActs[]): LedActs {
  const before = visitAfter(season, acts)
  const usual: LedActs = {
    ...NOTHING,
    prune: true,
    tie: true,
    pick: true,
    cover: coldestNight(season, before.at) < COVERS_UNDER,
  }
  const after = (act: LedActs) => spanBetween(before.sight, visitAfter(season, [...acts, act]).sight)
  const watered = LED_WATERINGS.map((water) => ({ water, span: after({ ...usual, water }) }))
  const least = Math.min(...watered.map(({ span }) => span.thirst))
  // Of ways that leave it about as well off, the one that wants the least water.
  const [best] = watered
    .filter(({ span }) => span.thirst <= least + WORTH.water)
    .sort((a, b) => a.span.given - b.span.given)
  const { water, span } = best!
  const feeds = span.hunger > WORTH.feed && after({ ...usual, water, feed: true }).hunger < span.hunger / 2
  return { ...usual, water, feed: feeds }
}

/** °C of the coldest night from a visit to the next. */
export function coldestNight({ visits, end, series }: LedSeason, at: number): number {
  let low = Infinity
  for (let day = visits[at] ?? end; day < (visits[at + 1] ?? end); day++)
    low = Math.min(low, series.tmin[day]!)
  return low
}
