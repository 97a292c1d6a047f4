import { notCleared } from '../../core/season'
import type { Day } from '../../data/garden-state'
import { dayOf } from '../../core/garden-day'
import { SUPPLY_KINDS, type Manner, type Supply } from '../../core/facts'
import {
  seasonNeeds,
  shortOf,
  spreadOver,
  type BuyingYear,
  type ShortLine,
  type SourcedNeed,
} from '../../core/supplies'
import type { IsoDate } from '../../core/calendar'

/** A line of what is needed, with who needs it. */
export interface NeededLine extends ShortLine {
  for: { title: string; quantity: number }[]
}

/** The shed as of a date. */
export interface ShedView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  query: string
  lines: NeededLine[]
  years: BuyingYear[]
  supplies: readonly Supply[]
}

/** Years that buying is spread over where nobody has chosen. */
const YEARS = 3

export function shedView(day: Day, years = YEARS): ShedView {
  const { state, on } = day
  const needs = needsOn(day)
  const lines = shortOf(needs, state.supplies, day.manner.units)
  return {
    manner: day.manner,
    on,
    now: state.now,
    query: day.query,
    lines: inOrder(lines).map((line) => ({
      ...line,
      for: sumsByTitle(
        needs.filter(({ kind, length }) => kind === line.kind && line.lengths.includes(length)),
      ),
    })),
    years: spreadOver(
      lines.filter(({ packs }) => packs > 0),
      years,
    ),
    supplies: state.supplies,
  }
}

/** Everything that the plantings which are not cleared take. */
function needsOn(day: Day): SourcedNeed[] {
  const { state } = day
  return seasonNeeds(
    notCleared(day.outlook),
    day.plants,
    dayOf(state, state.now).supportSite,
    day.house.feeding,
  )
}

const inOrder = (lines: readonly ShortLine[]) =>
  [...lines].sort(
    (a, b) =>
      SUPPLY_KINDS.indexOf(a.kind) - SUPPLY_KINDS.indexOf(b.kind) || (a.length ?? 0) - (b.length ?? 0),
  )

function sumsByTitle(needs: readonly SourcedNeed[]): NeededLine['for'] {
  const sums = new Map<string, number>()
  for (const need of needs) sums.set(need.for, (sums.get(need.for) ?? 0) + need.quantity)
  return [...sums].map(([title, quantity]) => ({ title, quantity }))
}
