import type { IsoDate } from '../core/calendar'
import type { Tool } from '../core/calls'
import type { Manner } from '../core/facts'
import { sayMinutes, sayTools } from './calls'
import { formatDate } from './dates'
import { sayCount } from './say'

const NUMBERS = [
  '',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
]

/** `Two stops, 14 min`. */
export const sayRound = (stops: number, minutes: number): string =>
  stops === 0
    ? 'Nothing to do today'
    : `${NUMBERS[stops] ?? stops} ${stops === 1 ? 'stop' : 'stops'}, ${sayMinutes(minutes)}`

/** What a calendar reminds of, with where: `Water: Bed 1, Pot 2`; empty: nowhere. */
export const sayReminder = (what: string, places: readonly string[]): string =>
  places.length === 0 ? '' : `${what}: ${places.join(', ')}`

/** What cannot wait: `3 before tonight, 1 late`; empty: all can. */
export const sayPressing = ({ tonight, late }: { tonight: number; late: number }): string =>
  [tonight > 0 && `${tonight} before tonight`, late > 0 && `${late} late`].filter(Boolean).join(', ')

/** Over what cannot wait, where a device tells it. */
export const TONIGHT = 'Before tonight'

/** What cannot wait, a line each. */
export const sayTonight = (stops: readonly { place: string; title: string }[]): string =>
  stops.map(({ place, title }) => `${place}: ${title}`).join('\n')

export const NOTICES = {
  what: 'When you open Prairie on this device, or it sends what waited, it can notify you of work that cannot wait past tonight: covering against frost, a dry pot, tying up before a storm.',
  impossible: 'This browser cannot show notifications, or its connection to Prairie is not encrypted.',
  blocked: 'This browser blocks notifications from Prairie. Allow them in the browser’s settings first.',
  on: 'This device notifies you.',
}

export function sayBring(tools: readonly Tool[]): string {
  const said = sayTools(tools)
  return said === '' ? '' : `Bring: ${said}`
}

/** What today's weather changes about so many stops. */
export const sayRoundWeather = ({ wet, hot }: { wet: number; hot: number }): string =>
  [
    wet > 0 &&
      `Rain today: ${sayCount(wet, 'stop')} ${wet === 1 ? 'waits' : 'wait'} until leaves and fruit are dry.`,
    hot > 0 && `Hot by day: ${sayCount(hot, 'stop')} ${hot === 1 ? 'is' : 'are'} for the evening.`,
  ]
    .filter(Boolean)
    .join(' ')

/** How the round is shared out. */
export const SHARING = {
  share: 'Share out the round',
  choose: 'Part of the round',
  whole: (due: number) => `The whole round (${due})`,
  part: (name: string, due: number) => `${name} (${due})`,
  people: 'By person',
  places: 'By place',
  nobody: 'Nobody’s yet',
  whose: (place: string) => `Who takes ${place}`,
  anyone: 'Anyone',
  explained:
    'Give places to people, and each can choose their own part of the round. Nothing is hidden: the whole round stays one choice away.',
  given: (place: string, name: string | null) =>
    name === null ? `${place} is anyone’s.` : `${name} takes ${place}.`,
  taken: (place: string) => `who takes ${place}`,
  gone: 'That place or person is gone. Load the screen again.',
}

/** What is said when a stop was answered, each with its place. */
export const sayAnswered = {
  done: (place: string, what: string) => `${place}: ${what}.`,
  notOn: (place: string, plants: number) => `${place}: done, but not on ${sayCount(plants, 'plant')}.`,
  asEntered: (place: string) => `${place}: saved as you entered it.`,
  later: (place: string, until: IsoDate, manner: Manner) =>
    `${place}: later, on ${formatDate(until, manner)}.`,
  lookAgain: (place: string, found: string, until: IsoDate, manner: Manner) =>
    `${place}: ${found}. Look again on ${formatDate(until, manner)}.`,
  kept: (place: string, what: 'photo' | 'note') => `${place}: ${what} saved.`,
  skipped: (place: string) => `${place}: skipped.`,
  early: (said: string) => `${said.replace(/\.$/, '')}, before it was due.`,
}
