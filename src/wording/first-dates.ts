import { yearOf, type IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'
import type { FirstDates } from '../core/season'
import { formatDate } from './dates'
import { capital } from './names'
import { sayCount } from './say'

/** The first answer in a sentence: `For 2027: sow tomatoes about 28 March, plant them out about 15 May.` */
export function sayFirstDates({ crops, isForBought }: FirstDates, manner: Manner): string {
  const { sow, opens, closes, isShort } = crops.find(({ crop }) => crop === 'tomato')!
  if (sow === null || opens === null)
    return 'It is never warm enough here for tomatoes outdoors. Plan a tunnel or greenhouse.'
  const isOtherYear = manner.seenOn !== undefined && yearOf(opens) !== yearOf(manner.seenOn)
  // The year is said once, and again only where a date is of another.
  const plain = isOtherYear ? { ...manner, seenOn: opens } : manner
  const say = (date: typeof sow) => formatDate(date, plain)
  const begin = isOtherYear ? `For ${yearOf(opens)}: ` : ''
  if (!isForBought || isOtherYear)
    return (
      capitalAfter(begin, `sow tomatoes about ${say(sow)}, plant them out about ${say(opens)}.`) +
      (isShort ? SHORT : '')
    )
  return closes === null
    ? `Buy young tomato plants and plant them out now. Next time, sow about ${say(sow)}.`
    : `Buy young tomato plants and plant them out by ${say(closes)}. The time to sow them was about ${say(sow)}.`
}

const SHORT =
  ' Even then, most years are too short for a typical cultivar. A cold frame, a bigger plant or an earlier cultivar gives you the time.'

const capitalAfter = (begin: string, text: string) =>
  begin === '' ? text.charAt(0).toUpperCase() + text.slice(1) : begin + text

type CropDates = FirstDates['crops'][number]

/** A crop's season as a picture shows it, in a sentence. */
export const saySeasonOf = (
  { crop, sow, opens, closes, isShort }: CropDates & { sow: IsoDate; opens: IsoDate },
  manner: Manner,
): string =>
  `${capital(crop)}: under cover from ${formatDate(sow, manner)}, planted out from ${formatDate(opens, manner)}${closes ? ` to ${formatDate(closes, manner)}` : ''}${isShort ? ', too short a season' : ''}.`

/** What the dates of a first planting rest on. */
export const FIRST_REASONS = {
  frost: (last: string, latest: string) =>
    `The last frost comes about ${last}; 1 year in 10 after ${latest}.`,
  noFrost: 'In most years you have no frost here.',
  warmth:
    'Plant out by warmth, not by the calendar. A week of nights, on average, and the soil at root depth must be warm enough.',
  basis: (seasons: number, recorded: boolean) =>
    recorded
      ? `Based on the ${sayCount(seasons, 'season')} of your weather record.`
      : `Based on ${sayCount(seasons, 'simulated season')} with your average climate.`,
  heat: (from: string, to: string) =>
    `Nights stay too warm to set fruit from about ${from} to ${to}. Plan two short seasons, or grow cherry types.`,
}
