import { daysBetween, type IsoDate } from '../core/calendar'
import type { Call, CallAnswer, CallKind, Tool, WeatherNeed, Work } from '../core/calls'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import { formatDate } from './dates'
import { CAUSE_WORDS } from './health'
import { capital, listed } from './names'
import { sayCount, sayLength, sayMass, sayTemperature } from './say'

/** A call's answer as one sentence, as one would say it to a helper. */
export function sayCall(answer: CallAnswer, manner: Manner): string {
  switch (answer.kind) {
    case 'sow':
      return `Sow ${sayCount(answer.seeds, 'seed')} for ${sayCount(answer.plants, 'plant')}, ${sayLength(answer.depth, manner)} deep`
    case 'get':
      return `Get ${sayCount(answer.plants, 'young plant')}`
    case 'look-for-loops':
      return 'Do the first seedlings show?'
    case 'pot-up':
      return `Pot up ${sayCount(answer.plants, 'plant')} into ${formatMeasure({ kind: 'volume', value: answer.potVolume }, manner)} pots`
    case 'harden':
      return sayHardening(answer, manner)
    case 'read-soil':
      return `Measure the soil temperature ${sayLength(answer.depth, manner)} down: is it about ${sayTemperature(answer.expected, manner)}?`
    case 'set-out':
      if (answer.go) return `Plant out ${sayCount(answer.plants, 'plant')}`
      return answer.suits === null
        ? 'Do not plant out: it is too cold'
        : `Wait to plant out until about ${formatDate(answer.suits, manner)}`
    case 'cover':
      return `Cover the plants before tonight’s ${sayTemperature(answer.nightLow, manner)}`
    case 'look-for-flowers':
      return 'Is the first flower open?'
    case 'pick':
      return answer.first ? 'Is the first fruit ripe?' : 'Pick what is ripe, and weigh it'
    case 'top':
      return 'Cut off the tips, two leaves above the last flower cluster you keep'
    case 'clear':
      return answer.why === 'frost'
        ? 'Remove the plants before the frost, and ripen the green fruit indoors'
        : 'Remove these bush plants: they have finished bearing'
    case 'water':
      return sayWatering(answer, manner)
    case 'feed':
      return `Feed ${sayMass(answer.grams / answer.plants / 1000, manner)} of ${answer.product.toLowerCase()}${answer.plants > 1 ? ` per plant, ${sayMass(answer.grams / 1000, manner)} in all` : ''}`
    case 'tend':
      return sayTending(answer)
    case 'vent':
      return `Open the tunnel by ${sayHour(answer.opens)}${answer.shuts === null ? ' and leave it open' : ` and close it about ${sayHour(answer.shuts)}`}`
    case 'shake':
      return 'Shake the open flower clusters around midday'
    case 'shade':
      return 'Hang shade cloth before the heat'
    case 'scout':
      return `Look over all ${sayCount(answer.plants, 'plant')}, under the leaves too`
    case 'follow':
      return answer.cause === null
        ? 'Check again what you saw here'
        : `Check again: ${CAUSE_WORDS[answer.cause].name.toLowerCase()}`
  }
}

function sayHardening(
  { day, hours, sun, wind, nightOut, rest }: Extract<CallAnswer, { kind: 'harden' }>,
  manner: Manner,
): string {
  if (rest) return `Harden off, day ${day}: keep them indoors today`
  const time = formatMeasure({ kind: 'duration', value: hours * 3600 }, manner)
  const where = sun ? (wind ? 'in sun and wind' : 'in sun, out of the wind') : 'in shade, out of the wind'
  return `Harden off, day ${day}: ${time} outside ${where}${nightOut ? ', and leave them out overnight' : ''}`
}

/** `7`, `16:30`. */
const sayHour = (hour: number) =>
  `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`

function sayWatering(
  { litres, dripMinutes, splits }: Extract<CallAnswer, { kind: 'water' }>,
  manner: Manner,
): string {
  const amount = formatMeasure({ kind: 'volume', value: litres }, manner)
  const drip = dripMinutes === null ? '' : ` (${sayMinutes(dripMinutes)} of drip)`
  return `Give ${amount} of water${drip}${splits > 1 ? ` in ${splits} portions` : ''}`
}

const WORK_NAMES: Record<'tie' | 'tier' | 'lower', string> = {
  tie: 'tie up',
  tier: 'run the next string along the row',
  lower: 'lower the vines',
}
const WORKS_DONE: Record<Work, string> = {
  tie: 'tied up',
  tier: 'next string run',
  lower: 'vines lowered',
  shake: 'flower clusters shaken',
  scout: 'looked over',
  'open-tunnel': 'tunnel opened',
  'shut-tunnel': 'tunnel closed',
  shade: 'shade cloth hung',
  'clean-up': 'old leaves cleared',
}
const CUTS = ['sucker', 'leaf', 'truss', 'tip'] as const
const CUT_NAMES: Record<(typeof CUTS)[number], { todo: string; one: string; many: string }> = {
  sucker: { todo: 'pinch out suckers', one: 'sucker', many: 'suckers' },
  leaf: { todo: 'remove the lowest leaves', one: 'leaf', many: 'leaves' },
  truss: { todo: 'remove flower clusters', one: 'flower cluster', many: 'flower clusters' },
  tip: { todo: 'cut off tips', one: 'tip', many: 'tips' },
}
type Tending = Extract<CallAnswer, { kind: 'tend' }>

/** `Tie up 14 plants and pinch out suckers`, `Remove the lowest leaves (1 plant)`. */
function sayTending({ works, cuts, plants }: Tending): string {
  const them = sayCount(plants, 'plant')
  const all = [
    ...works.map((work) => (work === 'tie' ? `${WORK_NAMES.tie} ${them}` : WORK_NAMES[work])),
    ...CUTS.filter((organ) => cuts[organ] > 0).map((organ) => CUT_NAMES[organ].todo),
  ]
  return capital(listed(all)) + (works.includes('tie') ? '' : ` (${them})`)
}

/** What is entered of a stop for more than one plant, before it is: which plants, what was done, how much comes off. */
export function sayBooking({ works, cuts }: Tending, labels: readonly string[]): string {
  const done = [
    ...works.map((work) => WORKS_DONE[work]),
    ...CUTS.filter((organ) => cuts[organ] > 0).map(
      (organ) => `${sayCount(cuts[organ], CUT_NAMES[organ].one, CUT_NAMES[organ].many)} removed`,
    ),
  ]
  return `This records, for plants ${listed(labels)}: ${listed(done)}.`
}

/** Works in words, as they were done. */
export const sayWorks = (works: readonly Work[]): string => works.map((work) => WORKS_DONE[work]).join(', ')

/** The words on the button that says it was done, with the amount that it enters. */
export function sayDone(answer: CallAnswer, manner: Manner): string {
  switch (answer.kind) {
    case 'sow':
      return `Sown, ${sayCount(answer.seeds, 'seed')}`
    case 'get':
      return 'I have them'
    case 'look-for-loops':
    case 'look-for-flowers':
      return 'Yes'
    case 'pot-up':
      return `Potted up, ${sayCount(answer.plants, 'plant')}`
    case 'harden':
      return answer.rest ? 'Kept indoors' : 'Hardened today'
    case 'read-soil':
      return 'Enter the temperature'
    case 'set-out':
      return answer.go ? 'Plant out' : 'See planting day'
    case 'cover':
      return 'Covered'
    case 'pick':
      return answer.first ? 'Yes, enter the picking' : 'Enter the picking'
    case 'top':
      return 'Tips cut off'
    case 'clear':
      return 'Removed'
    case 'water':
      return `Watered, ${formatMeasure({ kind: 'volume', value: answer.litres }, manner)}`
    case 'feed':
      return `Fed, ${sayMass(answer.grams / 1000, manner)}`
    case 'tend':
      return `Done, ${sayCount(answer.plants, 'plant')}`
    case 'vent':
      return 'Opened'
    case 'shake':
      return 'Shaken'
    case 'shade':
      return 'Shade is up'
    case 'scout':
      return `Looked over, ${sayCount(answer.plants, 'plant')}`
    case 'follow':
      return 'Check it'
  }
}

/** The words on the button that changes what is entered; null: there is nothing to change. */
export function sayChange(answer: CallAnswer): string | null {
  switch (answer.kind) {
    case 'water':
    case 'feed':
      return 'Other amount'
    case 'tend':
      return answer.plants > 1 ? 'Not all plants' : 'Details'
    case 'set-out':
    case 'follow':
    // What is entered anyway is asked for by the main act.
    case 'read-soil':
    case 'pick':
      return null
    default:
      return 'Details'
  }
}

/** What a look found, or did not yet, as it is said afterwards. */
export interface LookWords {
  found: string
  notYet: string
}

/** The words of a call that is a question to the plants; null: it is work. */
export function lookWords(answer: CallAnswer): LookWords | null {
  switch (answer.kind) {
    case 'look-for-loops':
      return { found: 'the first seedlings show', notYet: 'no seedlings show yet' }
    case 'look-for-flowers':
      return { found: 'the first flower is open', notYet: 'no flower is open yet' }
    case 'pick':
      return answer.first ? { found: 'the first fruit is ripe', notYet: 'no fruit is ripe yet' } : null
    default:
      return null
  }
}

/** Kinds of work, as one is timed at them. */
export const CALL_NAMES: Record<CallKind, string> = {
  sow: 'sowing',
  get: 'getting plants',
  'look-for-loops': 'looking for seedlings',
  'pot-up': 'potting up',
  harden: 'hardening off',
  'read-soil': 'reading the soil',
  'set-out': 'planting out',
  cover: 'covering',
  water: 'watering',
  feed: 'feeding',
  tend: 'tying and cutting',
  vent: 'tending the tunnel',
  shake: 'shaking flower clusters',
  shade: 'hanging shade',
  scout: 'looking plants over',
  follow: 'checking problems again',
  'look-for-flowers': 'looking for flowers',
  pick: 'picking',
  top: 'cutting off tips',
  clear: 'removing plants',
}

const TOOL_NAMES: Partial<Record<Tool, string>> = {
  mix: 'potting mix',
  lens: 'hand lens',
  can: 'watering can',
}
/** `snips, wipes and ties`. */
export function sayTools(tools: readonly Tool[]): string {
  return listed([...new Set(tools)].map((tool) => TOOL_NAMES[tool] ?? tool))
}

const WEATHER_NEEDS: Record<WeatherNeed, { wants: string; not: string }> = {
  'dry-leaves': { wants: 'on dry leaves', not: 'not while leaves are wet: rain today' },
  'dry-fruit': { wants: 'while fruit are dry', not: 'before the rain, or after the fruit have dried' },
  'dry-flowers': {
    wants: 'on dry flowers, late in the morning',
    not: 'once the flowers have dried: rain today',
  },
  'cool-hours': { wants: 'in the evening or under cloud', not: 'in the evening: too hot by day' },
  'moist-roots': { wants: 'on moist roots', not: '' },
}
/** The weather that a work wants, and whether today gives it. */
export const sayWeatherNeed = (weather: WeatherNeed, suits: boolean | null): string =>
  suits === false ? WEATHER_NEEDS[weather].not : WEATHER_NEEDS[weather].wants

/** When a call is wanted; what is late says by how much. @param on the day it is asked on */
export function sayWhen(
  { urgency, window }: Pick<Call, 'urgency' | 'window'>,
  on: IsoDate,
  manner: Manner,
): string {
  switch (urgency) {
    case 'tonight':
      return 'before tonight'
    case 'late':
      return `${sayCount(daysBetween(window.until!, on), 'day')} late`
    case 'today':
      return window.until === null || window.until === on
        ? 'today'
        : `by ${formatDate(window.until, manner, 'short')}`
    case 'coming':
      return `from ${formatDate(window.from, manner, 'weekday')}`
  }
}

/** The days on which a call may be done. @param on the day it is asked on */
export function sayWindow({ from, until }: Call['window'], on: IsoDate, manner: Manner): string {
  const [first, last] = [formatDate(from, manner, 'short'), until && formatDate(until, manner, 'short')]
  if (last !== null) return from < on ? `due ${first} to ${last}` : `from ${first} to ${last}`
  return from < on ? `due since ${first}` : from === on ? 'due today' : `from ${first}`
}

/** `8 min`, `1 h 5 min`. */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes))
  const [hours, rest] = [Math.floor(whole / 60), whole % 60]
  if (hours === 0) return `${rest}\u00a0min`
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h ${rest}\u00a0min`
}
