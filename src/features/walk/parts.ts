import type { Call } from '../../core/calls'
import type { Day } from '../../data/garden-state'
import { sayBring, sayPressing, sayRound, sayRoundWeather } from '../../wording/round'
import type { RoundPart, RoundWords } from './types'

const isDue = ({ urgency }: Call) => urgency !== 'coming'

/** What so many stops come to. @param isBegun something of the day was done before */
export function wordsOf(calls: readonly Call[], isBegun: boolean): RoundWords {
  const due = calls.filter(isDue)
  return {
    heading:
      due.length === 0 && isBegun
        ? 'Today’s round is done'
        : sayRound(
            due.length,
            due.reduce((sum, call) => sum + call.minutes, 0),
          ),
    pressing: pressingIn(due),
    carry: sayBring(due.flatMap(({ needs }) => needs.tools)),
    weather: weatherFor(due),
  }
}

/** What does not bear waiting, wherever it is in the round. */
const pressingIn = (calls: readonly Call[]) => {
  const count = (of: Call['urgency']) => calls.filter(({ urgency }) => urgency === of).length
  return sayPressing({ tonight: count('tonight'), late: count('late') })
}

/** What today's weather changes about the stops. */
function weatherFor(calls: readonly Call[]): string {
  const off = calls.filter(({ needs }) => needs.suits === false)
  const wet = off.filter(({ needs }) => needs.weather !== 'cool-hours').length
  return sayRoundWeather({ wet, hot: off.length - wet })
}

/** What the round can be shared into: each person's places, those that are nobody's, and each place by itself. */
export function partsOf({ state, calls, on }: Day, isBegun: boolean): RoundPart[] {
  const nameOf = new Map(state.shares.map(({ placeId, name }) => [placeId, name]))
  const people = [...new Set(nameOf.values())].sort()
  const part = (
    { id, of, name }: Pick<RoundPart, 'id' | 'of' | 'name'>,
    isIn: (place: string) => boolean,
  ): RoundPart => {
    // What the whole garden asks for is everybody's.
    const own = calls.filter(({ placeId, subject }) => subject.type === 'garden' || isIn(placeId))
    return {
      id,
      of,
      name,
      calls: own.map((call) => call.id),
      due: own.filter(isDue).length,
      ...wordsOf(own, isBegun),
    }
  }
  const called = new Set(
    calls.filter(({ subject }) => subject.type !== 'garden').map(({ placeId }) => placeId),
  )
  // One that is due nowhere else is the whole round already.
  const places = called.size > 1 ? state.record.places.filter(({ id }) => called.has(id)) : []
  return [
    ...people.map((name) =>
      part({ id: `person ${name}`, of: 'person', name }, (place) => nameOf.get(place) === name),
    ),
    ...(people.length > 0
      ? [part({ id: 'nobody', of: 'nobody', name: '' }, (place) => !nameOf.has(place))]
      : []),
    // A place is chosen for the day: tomorrow the round is whole again.
    ...places.map(({ id, name }) => part({ id: `${on} ${id}`, of: 'place', name }, (place) => place === id)),
  ]
}
