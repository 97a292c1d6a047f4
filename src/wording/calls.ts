import type { Call, CallAnswer, CallKind, Urgency } from '../core/calls'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import { formatDate } from './dates'
import { sayCount, sayLength, sayTemperature } from './say'

/** A call's answer as one line: what to do, with its number. */
export function sayCall(answer: CallAnswer, manner: Manner): string {
  switch (answer.kind) {
    case 'sow':
      return `Sow ${sayCount(answer.seeds, 'seed')} for ${sayCount(answer.plants, 'plant')}, ${sayLength(answer.depth, manner)} deep`
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
      return 'Clear before the frost; green fruit indoors'
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

/** The words on the button that says it was done. */
const DONE: Record<CallKind, string> = {
  sow: 'Sown',
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
}
export const sayDone = (kind: CallKind): string => DONE[kind]

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

/** `8 min`, `1 h 5 min`. */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes))
  const [hours, rest] = [Math.floor(whole / 60), whole % 60]
  if (hours === 0) return `${rest}\u00a0min`
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h ${rest}\u00a0min`
}
