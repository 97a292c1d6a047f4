import { FROST } from '../climate'
import { coldestNight } from './adviser'
import type { LedActs, LedSeason } from './led'
import { offeredOn, spanBetween, type LedVisit } from './leading'

/** What came of a visit's acts, a word on each; `good` where it was right. */
export type LedToldRule =
  | 'water.right'
  | 'water.dry'
  | 'water.hard'
  | 'water.wasted'
  | 'prune.right'
  | 'prune.ran'
  | 'tie.fell'
  | 'feed.right'
  | 'feed.hungry'
  | 'feed.glut'
  | 'feed.early'
  | 'pick.right'
  | 'pick.left'
  | 'cover.saved'
  | 'cover.vain'
  | 'cover.froze'

export interface LedTold {
  rule: LedToldRule
  good: boolean
  /** Share of growth, L, kg or °C, by the rule. */
  value: number
}

/** Shares of growth, L, kg and shares of glut under which nothing is said. */
const WORD = { thirst: 0.03, hunger: 0.03, drained: 4, kilograms: 0.05, glut: 0.3 }
/** °C of a night that plants feel, frost or not. */
const COLD_NIGHT = FROST + 5

/**
 * A word on each matter of a visit: what it came to until the next one.
 *
 * @param advised what Prairie's own hand would have done on it
 */
export function toldOf(
  season: LedSeason,
  { acts, advised }: { acts: LedActs; advised: LedActs },
  before: LedVisit,
  after: LedVisit,
): LedTold[] {
  const { thirst, hunger, drained } = spanBetween(before.sight, after.sight)
  const low = coldestNight(season, before.at)
  const told: LedTold[] = []
  const say = (rule: LedToldRule, good: boolean, value: number) => told.push({ rule, good, value })

  const isAdvised = acts.water === advised.water
  if (thirst > WORD.thirst) say(isAdvised ? 'water.hard' : 'water.dry', isAdvised, thirst)
  else if (!isAdvised && acts.water !== 'none' && drained > WORD.drained) say('water.wasted', false, drained)
  else say('water.right', true, 1 - thirst)

  const can = offeredOn(before)
  if (can.includes('prune')) say(acts.prune ? 'prune.right' : 'prune.ran', acts.prune, 0)
  if (can.includes('tie') && !acts.tie)
    say('tie.fell', false, after.sight.season.lost.ground - before.sight.season.lost.ground)

  if (hunger > WORD.hunger) say('feed.hungry', false, hunger)
  else if (acts.feed && after.sight.glut > WORD.glut) say('feed.glut', false, after.sight.glut)
  else if (acts.feed) say(advised.feed ? 'feed.right' : 'feed.early', advised.feed, 0)

  if (acts.pick && after.picked > before.picked) say('pick.right', true, after.picked - before.picked)
  else if (!acts.pick && after.spoiled - before.spoiled > WORD.kilograms)
    say('pick.left', false, after.spoiled - before.spoiled)

  if (before.sight.stands && !after.sight.stands && after.sight.season.endedBy === 'frost')
    say('cover.froze', false, low)
  else if (acts.cover && low < COLD_NIGHT) say('cover.saved', true, low)
  else if (acts.cover) say('cover.vain', false, low)
  return told
}
