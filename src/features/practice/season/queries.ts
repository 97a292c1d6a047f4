import type { Manner } from '../../../core/facts'
import { remembered } from '../../../core/memo'
import type { LedSite } from '../../../core/led-season'
import { firstDates } from '../../../core/season'
import { daysBetween, type IsoDate } from '../../../core/calendar'
import type { Day } from '../../../data/garden-state'

export interface SeasonPracticeView {
  manner: Manner
  /** The first day of the garden's own season: the dates are told as if it were this one. */
  start: IsoDate
  /** Null: it never is warm enough to plant out here. */
  site: LedSite | null
}

/** Days after which a plant that no frost ends has borne enough to learn by. */
const LONGEST = 150
/** Days past the middle first frost that may still be led: a cloth can save them. */
const PAST_FROST = 14

/** Where a plant is led through a season: this garden's climate, from its usual day to plant out. */
export function seasonPracticeView(day: Day): SeasonPracticeView {
  const { state, outlook, manner } = day
  const { latitude, elevation } = state.garden
  const { normals } = state.record.ensemble
  const opens = remembered(state.record.ensemble, 'day to lead a plant from', () => {
    const { crops, start: first } = firstDates(outlook)
    const tomato = crops.find(({ crop }) => crop === 'tomato')!
    return tomato.opens === null ? null : daysBetween(first, tomato.opens)
  })
  const { start } = outlook
  if (opens === null) return { manner, start, site: null }
  const frost = outlook.frost.firstAutumn.p50
  const last = frost === null ? opens + LONGEST : Math.min(opens + LONGEST, frost + PAST_FROST)
  return {
    manner,
    start,
    site: { latitude, elevation, normals, setOut: opens, end: Math.max(opens + 42, last) },
  }
}
