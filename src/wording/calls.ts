import type { Call, CallAnswer, CallKind, Tool, Urgency, WeatherNeed, Work } from '../core/calls'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import { formatDate } from './dates'
import { CAUSE_WORDS } from './health'
import { capital, listed } from './names'
import { sayCount, sayLength, sayMass, sayTemperature } from './say'

/** A call's answer as one line: what to do, with its number. */
export function sayCall(answer: CallAnswer, manner: Manner): string {
  switch (answer.kind) {
    case 'sow':
      return `Sow ${sayCount(answer.seeds, 'seed')} for ${sayCount(answer.plants, 'plant')}, ${sayLength(answer.depth, manner)} deep`
    case 'get':
      return `Get ${sayCount(answer.plants, 'young plant')}`
    case 'look-for-loops':
      return 'Look for the first loops; then full light at once'
    case 'pot-up':
      return `Pot up ${sayCount(answer.plants, 'plant')} into ${formatMeasure({ kind: 'volume', value: answer.potVolume }, manner)} pots`
    case 'harden':
      return sayHardening(answer, manner)
    case 'read-soil':
      return `Read the soil at ${sayLength(answer.depth, manner)}: about ${sayTemperature(answer.expected, manner)}?`
    case 'set-out':
      if (answer.go) return `Set out ${sayCount(answer.plants, 'plant')}`
      return answer.suits === null
        ? 'Do not set out: too cold'
        : `Wait with setting out until about ${formatDate(answer.suits, manner)}`
    case 'cover':
      return `Cover before night: ${sayTemperature(answer.nightLow, manner)}`
    case 'look-for-flowers':
      return 'Look for the first open flower'
    case 'pick':
      return answer.first ? 'Look for the first ripe fruit' : 'Pick what is ripe, and weigh it'
    case 'top':
      return 'Top: cut the tips two leaves above the last truss kept'
    case 'clear':
      return answer.why === 'frost'
        ? 'Clear before the frost, and take green fruit indoors'
        : 'Clear this bush: it has finished bearing'
    case 'water':
      return sayWatering(answer, manner)
    case 'feed':
      return `Feed: ${sayMass(answer.grams / answer.plants / 1000, manner)} of ${answer.product.toLowerCase()}${answer.plants > 1 ? ` a plant, ${sayMass(answer.grams / 1000, manner)} in all` : ''}`
    case 'tend':
      return sayTending(answer)
    case 'vent':
      return `Open the tunnel by ${sayHour(answer.opens)}${answer.shuts === null ? ', and leave it open' : `, shut it about ${sayHour(answer.shuts)}`}`
    case 'shake':
      return 'Shake the open trusses, about midday'
    case 'shade':
      return 'Hang shade cloth before the heat'
    case 'scout':
      return `Look all ${sayCount(answer.plants, 'plant')} over, leaves from below too`
    case 'follow':
      return answer.cause === null
        ? 'Look again at what was seen here'
        : `Look again: ${CAUSE_WORDS[answer.cause].name.toLowerCase()}`
  }
}

function sayHardening(
  { day, hours, sun, wind, nightOut, rest }: Extract<CallAnswer, { kind: 'harden' }>,
  manner: Manner,
): string {
  if (rest) return `Hardening step ${day}: rest indoors today`
  const time = formatMeasure({ kind: 'duration', value: hours * 3600 }, manner)
  const where = sun ? (wind ? 'in sun and wind' : 'in sun, out of the wind') : 'in shade, out of the wind'
  return `Harden off, step ${day}: ${time} outside ${where}${nightOut ? ', and the night out' : ''}`
}

/** `7`, `16:30`. */
const sayHour = (hour: number) =>
  `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`

function sayWatering(
  { litres, dripMinutes, splits }: Extract<CallAnswer, { kind: 'water' }>,
  manner: Manner,
): string {
  const amount = formatMeasure({ kind: 'volume', value: litres }, manner)
  const drip = dripMinutes === null ? '' : `, or ${sayMinutes(dripMinutes)} of drip`
  return `Water: ${amount}${drip}${splits > 1 ? `, in ${splits} portions` : ''}`
}

const WORK_NAMES: Record<'tie' | 'tier' | 'lower', string> = {
  tie: 'tie',
  tier: 'draw the next string',
  lower: 'lower the vines',
}
const WORKS_DONE: Record<Work, string> = {
  tie: 'tied',
  tier: 'string drawn',
  lower: 'vines lowered',
  shake: 'trusses shaken',
  scout: 'looked over',
  'open-tunnel': 'tunnel opened',
  'shut-tunnel': 'tunnel shut',
  shade: 'shade hung',
  'clean-up': 'cleared of old leaves',
}
const CUT_NAMES = {
  sucker: 'pinch suckers',
  leaf: 'clear leaves',
  truss: 'take trusses off',
  tip: 'end tips',
} as const

/** `Tie and pinch suckers, 14 plants`. */
function sayTending({ works, cuts, plants }: Extract<CallAnswer, { kind: 'tend' }>): string {
  const parts = [
    ...works.map((work) => WORK_NAMES[work]),
    ...(['sucker', 'leaf', 'truss', 'tip'] as const)
      .filter((organ) => cuts[organ] > 0)
      .map((organ) => CUT_NAMES[organ]),
  ]
  const last = parts.at(-1)!
  const all = parts.length === 1 ? last : `${parts.slice(0, -1).join(', ')} and ${last}`
  return `${capital(all)}, ${sayCount(plants, 'plant')}`
}

/** Works in words, as they were done. */
export const sayWorks = (works: readonly Work[]): string => works.map((work) => WORKS_DONE[work]).join(', ')

/** The words on the button that says it was done. */
const DONE: Record<CallKind, string> = {
  sow: 'Sown',
  get: 'I have them',
  'look-for-loops': 'They are up',
  'pot-up': 'Potted up',
  harden: 'Done today',
  'read-soil': 'Enter reading',
  'set-out': 'Planting day',
  cover: 'Covered',
  'look-for-flowers': 'Flowering',
  pick: 'Enter picking',
  top: 'Topped',
  clear: 'Cleared',
  water: 'Watered',
  feed: 'Fed',
  tend: 'Done',
  vent: 'Opened',
  shake: 'Shaken',
  shade: 'Shaded',
  scout: 'Looked over',
  follow: 'Look at it',
}
export const sayDone = (kind: CallKind): string => DONE[kind]

/** Kinds of work, as one is timed at them. */
export const CALL_NAMES: Record<CallKind, string> = {
  sow: 'sowing',
  get: 'getting plants',
  'look-for-loops': 'looking for loops',
  'pot-up': 'potting up',
  harden: 'hardening off',
  'read-soil': 'reading the soil',
  'set-out': 'setting out',
  cover: 'covering',
  water: 'watering',
  feed: 'feeding',
  tend: 'tying and cutting',
  vent: 'tending the tunnel',
  shake: 'shaking trusses',
  shade: 'hanging shade',
  scout: 'looking over',
  follow: 'following cases',
  'look-for-flowers': 'looking for flowers',
  pick: 'picking',
  top: 'topping',
  clear: 'clearing',
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

/** When a call is wanted. */
export function sayWhen({ urgency, window }: Pick<Call, 'urgency' | 'window'>, manner: Manner): string {
  const word: Record<Urgency, string> = {
    tonight: 'before night',
    late: `since ${formatDate(window.due, manner, 'short')}`,
    today: window.until === null ? 'today' : `until ${formatDate(window.until, manner, 'short')}`,
    coming: `from ${formatDate(window.from, manner, 'weekday')}`,
  }
  return word[urgency]
}

/** The days on which a call may be done. */
export function sayWindow({ from, until }: Call['window'], manner: Manner): string {
  if (until === null) return `from ${formatDate(from, manner, 'short')} on`
  return `${formatDate(from, manner, 'short')} to ${formatDate(until, manner, 'short')}`
}

/** `8 min`, `1 h 5 min`. */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes))
  const [hours, rest] = [Math.floor(whole / 60), whole % 60]
  if (hours === 0) return `${rest}\u00a0min`
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h ${rest}\u00a0min`
}
