import type { IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import {
  MULCH_DEPTH,
  type HolidayAct,
  type MoistureFeel,
  type UsualAge,
  type UsualDay,
  type WateringSchool,
} from '../core/watering'
import { formatDate } from './dates'
import { sayLength } from './say'

export const sayLitres = (value: number, manner: Manner) => formatMeasure({ kind: 'volume', value }, manner)
export const sayDepth = (value: number, manner: Manner) =>
  formatMeasure({ kind: 'water-depth', value }, manner)

/** When a place wants water next. @param untilSlow days until growth slows @param inDays days to `dueOn`; null: not in sight */
export function sayDue(
  { untilSlow, dueOn, inDays }: { untilSlow: number; dueOn: IsoDate | null; inDays: number | null },
  manner: Manner,
): string {
  if (untilSlow <= 0) return 'now'
  if (dueOn === null) return 'not in the next two weeks'
  return inDays === 1 ? 'by tomorrow' : `by ${formatDate(dueOn, manner)}`
}

/** Days for which it lasts, in words. */
export const sayLasts = (days: number): string =>
  days === Infinity || days > 14
    ? 'over two weeks'
    : days <= 0
      ? 'less than a day'
      : days === 1
        ? '1 day'
        : `${days} days`

/** L in a usual can, and a US gallon can. */
const CAN = { metric: 10, us: 7.570823568 }

/** `3 cans of 10 L`. */
export function sayCans(litres: number, manner: Manner): string {
  const can = CAN[manner.units]
  const count = Math.max(0.5, Math.round((litres / can) * 2) / 2)
  const text = count % 1 === 0 ? String(count) : count < 1 ? '½' : `${Math.floor(count)}½`
  return `${text} ${count > 1 ? 'cans' : 'can'} of ${sayLitres(can, manner)}`
}

export const FEELS: Record<MoistureFeel, { name: string; hint: string }> = {
  wet: { name: 'Wet', hint: 'water shows when pressed' },
  moist: { name: 'Moist', hint: 'holds together, leaves a mark' },
  dry: { name: 'Dry', hint: 'crumbles, two finger joints down' },
  dust: { name: 'Dust', hint: 'runs through the fingers' },
}

/** What is done about a place before one goes away. */
export const sayHolidayAct = (act: HolidayAct, manner: Manner): string =>
  act === 'mulch' ? `mulch it ${sayLength(MULCH_DEPTH, manner)} deep first` : HOLIDAY_ACTS[act]

const HOLIDAY_ACTS: Record<Exclude<HolidayAct, 'mulch'>, string> = {
  nothing: 'lasts by itself',
  'water-before': 'water it through the evening before',
  neighbour: 'ask a neighbour',
  timer: 'run the drip by a timer',
  'move-to-shade': 'stand it in the shade with the others',
}

/** The schools of watering, with what each costs. */
export const WATER_SCHOOLS: Record<WateringSchool | 'eased', { name: string; case: string }> = {
  even: {
    name: 'Even, by the balance',
    case: 'Deep, before growth slows: least rot and cracking.',
  },
  'fixed-days': {
    name: 'Fixed days',
    case: 'Easy to keep to and to share; wrong in a heat wave and after rain.',
  },
  'dry-down': {
    name: 'Dry-down',
    case: 'Deep roots, sweeter fruit, fewer cracks; rot in prone types. Not in pots.',
  },
  'radiation-shots': {
    name: 'Small shots by the sun',
    case: 'For inert media with a timer; keeps soil wet at the top.',
  },
  eased: { name: 'Eased as fruit ripen', case: '70 % of the need sweetens; never to wilting.' },
}

export const DAY_NAMES: Record<UsualDay, string> = {
  mild: 'mild or cloudy',
  warm: 'warm and bright',
  hot: 'hot and dry',
  scorching: 'heat wave with wind',
}

export const AGE_NAMES: Record<UsualAge, string> = {
  young: 'just set out',
  half: 'half grown',
  grown: 'grown, in fruit',
}
