import type { IsoDate } from '../core/calendar'
import type { Manner, SoilTexture } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import {
  MULCH_DEPTH,
  type HolidayAct,
  type MoistureFeel,
  type Soaking,
  type UsualAge,
  type UsualDay,
  type WateringSchool,
  type WayOfPlace,
} from '../core/watering'
import { formatDate } from './dates'
import { sayCount, sayLength } from './say'

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

export const FEEL_NAMES: Record<MoistureFeel, string> = {
  wet: 'Wet',
  moist: 'Moist',
  dry: 'Dry',
  dust: 'Dust',
}

/** How each feels in the hand [after USDA-NRCS 1998, soil moisture by feel and appearance]. */
const FEELS_OF = {
  mix: {
    wet: 'drips when squeezed',
    moist: 'cool, clumps, does not drip',
    dry: 'pale and crumbling, two finger joints down',
    dust: 'light, shrunk from the wall of the pot',
  },
  coarse: {
    wet: 'leaves a wet outline on your hand',
    moist: 'a weak ball, its grains cling',
    dry: 'does not hold together',
    dust: 'loose, runs through the fingers',
  },
  sandy: {
    wet: 'makes a ball and wets your hand',
    moist: 'a ball that breaks easily',
    dry: 'holds only when squeezed hard',
    dust: 'loose, runs through the fingers',
  },
  medium: {
    wet: 'water shows when pressed',
    moist: 'a firm ball, a short ribbon between thumb and finger',
    dry: 'crumbles, holds when squeezed',
    dust: 'powder, or a crust that breaks to it',
  },
  heavy: {
    wet: 'sticky, smears and ribbons out long',
    moist: 'a smooth ball, ribbons out between thumb and finger',
    dry: 'stiff, a ball under pressure, no ribbon',
    dust: 'hard, baked, cracked',
  },
} as const
const HAND: Record<SoilTexture, keyof typeof FEELS_OF> = {
  sand: 'coarse',
  'loamy-sand': 'coarse',
  'sandy-loam': 'sandy',
  loam: 'medium',
  'silt-loam': 'medium',
  'clay-loam': 'heavy',
  clay: 'heavy',
}

/** How soil of a texture feels in the hand, or the mix of a pot. */
export const feelsOf = (ground: SoilTexture | 'mix'): Record<MoistureFeel, string> =>
  FEELS_OF[ground === 'mix' ? 'mix' : HAND[ground]]

/** `today`, `by tomorrow`, `in 3 days`. */
export const sayInDays = (days: number): string =>
  days === 0 ? 'now' : days === 1 ? 'by tomorrow' : `in ${sayCount(days, 'day')}`

/** Water in turns, where it comes faster than the ground takes it in. */
export const saySoaking = ({ runs, minutes, pause }: Soaking, manner: Manner): string => {
  const say = (value: number) => formatMeasure({ kind: 'duration', value: roundTo(value) * 60 }, manner)
  return `in ${runs} turns of ${say(minutes)}, ${say(pause)} apart`
}
/** How a place's water is given where its ground takes it in slowly; null: in one go. @param takesIn mm an hour */
export function saySoaks(
  { takesIn, drip, hand }: { takesIn: number; drip: Soaking | null; hand: Soaking | null },
  manner: Manner,
): string | null {
  const ways = [
    drip && `the drip ${saySoaking(drip, manner)}`,
    hand && `by hand ${saySoaking(hand, manner)}`,
  ].filter(Boolean)
  return ways.length > 0
    ? `The soil takes in about ${sayDepth(takesIn, manner)} per hour: ${ways.join(', ')}.`
    : null
}
/** Min that are told to the minute below a quarter of an hour, else to five. */
const roundTo = (minutes: number) =>
  minutes < 15 ? Math.max(1, Math.round(minutes)) : Math.round(minutes / 5) * 5

/** What a way of watering comes to over the two weeks ahead. */
export function sayWay(
  { inDays, litres, times, total, slowed, limp, isSame }: WayOfPlace,
  manner: Manner,
): string {
  if (isSame) return 'same as even watering for these two weeks'
  const dry =
    limp > 0
      ? `, leaves go limp on ${sayCount(limp, 'day')}`
      : slowed > 0
        ? `, growth slows on ${sayCount(slowed, 'day')}`
        : ', growth never slows'
  return inDays === null
    ? `no water in the next two weeks${dry}`
    : `${sayLitres(litres, manner)} ${sayInDays(inDays)}; in two weeks ${sayCount(times, 'time')}, ${sayLitres(total, manner)} in all${dry}`
}

/** What is done about a place before one goes away. */
export const sayHolidayAct = (act: HolidayAct, manner: Manner): string =>
  act === 'mulch' ? `mulch it ${sayLength(MULCH_DEPTH, manner)} deep first` : HOLIDAY_ACTS[act]

const HOLIDAY_ACTS: Record<Exclude<HolidayAct, 'mulch'>, string> = {
  nothing: 'lasts on its own',
  'water-before': 'soak it the evening before',
  neighbour: 'ask a neighbor',
  timer: 'put the drip on a timer',
  'move-to-shade': 'move it into the shade with the others',
}

/** The schools of watering, with what each costs. */
export const WATER_SCHOOLS: Record<WateringSchool | 'eased', { name: string; case: string }> = {
  even: {
    name: 'Even, by the water balance',
    case: 'You water deeply before growth slows: the least rot and cracking.',
  },
  'fixed-days': {
    name: 'Fixed days',
    case: 'Easy to remember and to share. Too little in a heat wave, too much after rain.',
  },
  'dry-down': {
    name: 'Dry-down',
    case: 'Deeper roots, sweeter fruit and fewer cracks, but rot in prone types. Not for pots.',
  },
  'radiation-shots': {
    name: 'Small shots by the sun',
    case: 'For mixes without soil, with a timer. It keeps the top of the soil wet.',
  },
  eased: {
    name: 'Less as fruit ripen',
    case: 'At 70 % of the usual amount, fruit get sweeter. Never let plants wilt.',
  },
}

export const DAY_NAMES: Record<UsualDay, string> = {
  mild: 'mild or cloudy',
  warm: 'warm and bright',
  hot: 'hot and dry',
  scorching: 'heat wave with wind',
}

export const AGE_NAMES: Record<UsualAge, string> = {
  young: 'just planted out',
  half: 'half grown',
  grown: 'grown, in fruit',
}
