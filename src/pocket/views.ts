import { isWithinReach } from '../core/calendar'
import { dayOf } from '../core/garden-day'
import type { Day, GardenState } from '../data/garden-state'
import { basketView } from '../features/basket/queries'
import { waterView } from '../features/bench/water/queries'
import { casesView } from '../features/clinic/case-queries'
import { clinicView } from '../features/clinic/queries'
import { watchView } from '../features/clinic/watch-queries'
import { commandIndexOf } from '../features/frame/command-index'
import { ribbonOf } from '../features/frame/queries'
import { filterOf, misreadDays } from '../features/logbook/filter'
import { logbookView } from '../features/logbook/queries'
import { plantViewOf } from '../features/plant/queries'
import { dayPlanOf } from '../features/plantings/day-plan/queries'
import { plantingDayOf } from '../features/plantings/planting-day/queries'
import { plantingView } from '../features/plantings/queries'
import { roundOf } from '../features/walk/queries'
import type { ScreenHere } from './addresses'

type Asked = Record<string, string>

/** What each screen shows, worked out on this device by the same functions as on the server; null: it is not there. */
export const VIEWS = {
  walk: (day: Day) => roundOf(day),
  plant: (day: Day, { id }: Asked) => plantViewOf(day, id!),
  planting: (day: Day, { id }: Asked) => plantingView(day, id!),
  'set-out': (day: Day, { id }: Asked) => plantingDayOf(day, id!),
  'planting-day': (day: Day) => dayPlanOf(day),
  water: (day: Day) => waterView(day),
  basket: (day: Day) => basketView(day),
  clinic: (day: Day, asked: Asked) => clinicView(day, asked),
  watch: (day: Day) => watchView(day),
  cases: (day: Day) => casesView(day),
  causes: (day: Day) => ({ query: day.query, manner: day.manner }),
  logbook: ({ state }: Day, asked: Asked) => ({
    view: logbookView(state, filterOf(asked, state), Number(asked.page) || 1),
    misread: misreadDays(asked, state),
  }),
  'quick-entry': (day: Day) => commandIndexOf(day),
  frame: ({ state }: Day) => ({
    ribbon: ribbonOf(state),
    garden: state.garden.id,
    name: state.garden.name,
    now: state.now,
  }),
} satisfies Record<ScreenHere, (day: Day, asked: Asked) => unknown>

export type ViewOf<Screen extends ScreenHere> = NonNullable<ReturnType<(typeof VIEWS)[Screen]>>

/** What a screen shows of a garden. @param asked what its address asks for */
export function viewOf(state: GardenState, screen: ScreenHere, asked: Asked): unknown {
  const on = isWithinReach(asked.on, state.now) ? asked.on : state.now
  const work: (day: Day, asked: Asked) => unknown = VIEWS[screen]
  return work(dayOf(state, on), asked) ?? null
}
