import type { Day } from '../../../data/garden-state'
import type { IsoDate } from '../../../core/calendar'
import type { Product } from '../../../core/feeding'
import { holdsOn, type Manner } from '../../../core/facts'
import { mannerOf } from '../../../data/garden-row'

/** What the mixes need of a garden: how it writes, and where a mix can be sent. */
export interface MixView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  places: { id: string; name: string }[]
  /** Feeds of the garden's own. */
  products: readonly Product[]
}

export const mixView = (day: Day): MixView => ({
  manner: mannerOf(day.state.garden),
  on: day.on,
  now: day.state.now,
  places: day.state.record.places
    .filter((place) => holdsOn(place, day.on))
    .map(({ id, name }) => ({ id, name })),
  products: day.state.products,
})

const ANY_DAY = '2000-01-01' as IsoDate

/** The same where there is no garden yet: there is nothing to send a mix to. @param units as asked; else metric */
export const mixWithoutGarden = (units: string | undefined): MixView => ({
  manner: {
    units: units === 'us' ? 'us' : 'metric',
    decimals: 'point',
    dates: units === 'us' ? 'month-first' : 'day-first',
  },
  on: ANY_DAY,
  now: ANY_DAY,
  places: [],
  products: [],
})
