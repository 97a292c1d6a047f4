import type { Manner } from '../core/facts'
import {
  ledLitres,
  type LedActs,
  type LedLength,
  type LedTold,
  type LedToldRule,
  type LedVisit,
  type LedWatering,
  type LedYesNo,
} from '../core/led-season'
import { listed } from './names'
import { sayMass, sayTemperature, sayVolume } from './say'

export const LENGTH_NAMES: Record<LedLength, { name: string; says: string }> = {
  short: { name: 'Five minutes', says: 'six visits, about a month apart' },
  medium: { name: 'Fifteen minutes', says: 'twelve visits, about two weeks apart' },
  whole: { name: 'A whole season', says: 'a visit every week' },
}

const WATERINGS: Record<LedWatering, string> = {
  none: 'No water',
  soak: 'Soak it once',
  'third-day': 'Every third day',
  daily: 'Every day',
}
export function wateringName(water: LedWatering, manner: Manner): string {
  if (water === 'none') return WATERINGS.none
  const litres = sayVolume(ledLitres(water), manner)
  return water === 'soak' ? `${WATERINGS.soak}, ${litres}` : `${WATERINGS[water]}, ${litres} each time`
}

export const ACT_NAMES: Record<LedYesNo, string> = {
  prune: 'Take out the suckers',
  tie: 'Tie the stem',
  feed: 'Feed it',
  pick: 'Pick what is ripe',
  cover: 'Cover it at night',
}
const DOES: Record<LedYesNo, string> = {
  prune: 'take out the suckers',
  tie: 'tie the stem',
  feed: 'feed it',
  pick: 'pick what is ripe',
  cover: 'cover it at night',
}
const DOES_NOT: Record<LedYesNo, string> = {
  prune: 'leave the suckers',
  tie: 'leave the ties',
  feed: 'not feed it',
  pick: 'leave the fruit',
  cover: 'not cover it',
}
const WATERS: Record<LedWatering, string> = {
  none: 'give no water',
  soak: 'soak it once',
  'third-day': 'water every third day',
  daily: 'water every day',
}

/** What Prairie's own hand would have done otherwise; empty: nothing. */
export function sayInstead(acts: LedActs, advised: LedActs): string {
  const differs = [
    ...(acts.water === advised.water ? [] : [WATERS[advised.water]]),
    ...(['prune', 'tie', 'feed', 'pick', 'cover'] as const).flatMap((act) =>
      acts[act] === advised[act] ? [] : [advised[act] ? DOES[act] : DOES_NOT[act]],
    ),
  ]
  return differs.length === 0 ? '' : `Prairie would ${listed(differs)}.`
}

const percent = (share: number) => `${Math.round(share * 100)}\u00a0%`
type Say = (value: number, manner: Manner) => string
const TOLD: Record<LedToldRule, Say> = {
  'water.right': () => 'Water: it never went thirsty.',
  'water.dry': (value) => `Water: thirst cost it ${percent(value)} of its growth. It needed more.`,
  'water.hard': (value) =>
    `Water: thirst cost it ${percent(value)} of its growth, and no other choice would have spared it much.`,
  'water.wasted': (value, manner) => `Water: ${sayVolume(value, manner)} drained away below the roots.`,
  'prune.right': () => 'Suckers: one stem, with air between its leaves.',
  'prune.ran': () => 'Suckers: they ran on. The leaves crowd and stay wet, and the fruit stay smaller.',
  'tie.fell': (value, manner) =>
    value > 0.005
      ? `Ties: the stem leans, and ${sayMass(value, manner)} of fruit rotted on the ground.`
      : 'Ties: the stem leans. Fruit that touches the ground will rot.',
  'feed.right': () => 'Feed: it was running short, and now has what it needs.',
  'feed.hungry': (value) => `Feed: hunger cost it ${percent(value)} of its growth.`,
  'feed.glut': () => 'Feed: more than it can use. It makes leaf in place of fruit.',
  'feed.early': () => 'Feed: it still had enough. What is left over washes out.',
  'pick.right': (value, manner) => `Harvest: ${sayMass(value, manner)} picked.`,
  'pick.left': (value, manner) => `Harvest: ${sayMass(value, manner)} split or rotted unpicked.`,
  'cover.saved': (value, manner) => `Cover: a night of ${sayTemperature(value, manner)} was kept off it.`,
  'cover.vain': (value, manner) =>
    `Cover: not needed. The coldest night was ${sayTemperature(value, manner)}.`,
  'cover.froze': (value, manner) => `Cover: a frost of ${sayTemperature(value, manner)} killed it.`,
}
export const sayLedTold = ({ rule, value }: LedTold, manner: Manner): string => TOLD[rule](value, manner)

/** How dry its soil is, by the share of the easily taken water that is gone. */
export function sayDry(dry: number): string {
  if (dry < 0.25) return 'wet'
  if (dry < 0.7) return 'moist'
  return dry < 1 ? 'drying out' : 'dry: it is thirsty'
}

/** How its leaves look, by its nitrogen and by what share of them is sick. */
export function sayLeaves({ fed, glut, sick }: { fed: number; glut: number; sick: number }): string {
  const green = fed < 0.9 ? 'pale: it is hungry' : glut > 0.3 ? 'dark and lush' : 'a healthy green'
  return sick > 0.03 ? `${green}, ${percent(sick)} spotted` : green
}

/** The line that answers at the end. */
export function sayLedEnd(own: number, other: number, manner: Manner): string {
  const [mine, theirs] = [own, other].map((kg) => sayMass(kg, manner))
  if (mine === theirs) return `You picked ${mine}, as much as Prairie in the same weather`
  return own > other
    ? `You picked ${mine}, more than Prairie’s ${theirs} in the same weather`
    : `You picked ${mine}; Prairie picked ${theirs} in the same weather`
}

/** Shares of growth, and kg, under which two seasons are alike. */
const ALIKE = { share: 0.02, kg: 0.05 }

/** Why one season came out otherwise than the other in the same weather, a sentence each. */
export function sayLedWhy(own: LedVisit, other: LedVisit, manner: Manner): string[] {
  const [mine, theirs] = [own.sight.season, other.sight.season]
  const share = (part: number, { light }: { light: number }) => part / Math.max(1e-9, light)
  const apart = (name: string, one: number, two: number) =>
    Math.abs(one - two) < ALIKE.share
      ? []
      : [`${name} took ${percent(one)} of your plant’s growth, and ${percent(two)} of Prairie’s.`]
  const lost = (said: string, kg: number) => (kg < ALIKE.kg ? [] : [`${sayMass(kg, manner)} ${said}.`])
  return [
    ...apart('Thirst', share(mine.thirst, mine), share(theirs.thirst, theirs)),
    ...apart('Hunger', share(mine.hunger, mine), share(theirs.hunger, theirs)),
    ...apart('Leaf spot', own.sight.sick, other.sight.sick).map((said) => said.replaceAll('growth', 'leaf')),
    ...lost('more split or rotted because they were not picked', own.spoiled - other.spoiled),
    ...lost('more rotted on the ground', mine.lost.ground - theirs.lost.ground),
    ...lost('more had blossom-end rot', mine.lost.rot - theirs.lost.rot),
    ...lost('more cracked', mine.lost.cracks - theirs.lost.cracks),
    ...(own.sight.stands || !other.sight.stands ? [] : ['Frost or disease ended your plant early.']),
  ]
}
