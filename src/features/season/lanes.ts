import { daysBetween, type IsoDate } from '../../core/calendar'
import type { Manner, RaisingWay } from '../../core/facts'
import type { PlantingDates, Stage } from '../../core/season'
import { formatDate } from '../../wording/dates'
import { STAGE_NAMES } from '../../wording/stages'

export type SegmentKind = 'raising' | 'hardening' | 'growing' | 'bearing'

/** The axis that every lane is drawn along: its first day and how many. */
export interface Axis {
  start: IsoDate
  days: number
}

/** Stages that a lane shows with a mark, and those whose spread it shows. */
const MARKED = [
  'sow',
  'emerge',
  'set-out',
  'first-flower',
  'first-green',
  'first-ripe',
  'peak',
] as const satisfies readonly Stage[]
const SPREAD = ['set-out', 'first-flower', 'first-ripe', 'end'] as const satisfies readonly Stage[]

/** Share of the axis that two marks need between them. */
const CROWDED = 0.035

/** A planting's season along the axis; days from its start. */
export interface Lane {
  segments: { kind: SegmentKind; from: number; to: number }[]
  marks: { stage: (typeof MARKED)[number]; day: number; logged: boolean }[]
  /** Where the stage falls in eight seasons of ten. */
  spreads: { stage: (typeof SPREAD)[number]; from: number; to: number }[]
  text: string
}

export function laneOf(dates: PlantingDates, raising: RaisingWay, axis: Axis, manner: Manner): Lane {
  const inAxis = (day: number) => Math.min(axis.days, Math.max(0, day))
  const at = (stage: Stage) => {
    const { date } = dates[stage]
    return date === null ? null : inAxis(daysBetween(axis.start, date))
  }
  const segments: Lane['segments'] = []
  const add = (kind: SegmentKind, from: number | null, to: number | null) => {
    if (from !== null && to !== null && to > from) segments.push({ kind, from, to })
  }
  const end = at('end') ?? axis.days
  const starts = raising === 'direct' ? at('emerge') : at('set-out')
  add('raising', at('sow'), at('harden') ?? starts)
  add('hardening', at('harden'), at('set-out'))
  const bears = at('first-green') ?? at('first-ripe')
  add('growing', starts, bears ?? end)
  add('bearing', bears, end)
  const say = (stage: Stage) =>
    dates[stage].date === null ? 'not this season' : formatDate(dates[stage].date!, manner)
  return {
    segments,
    marks: MARKED.flatMap((stage) => {
      const day = at(stage)
      const first = at('first-ripe')
      // Beside the first ripe fruit there is no room for another mark.
      if (stage === 'peak' && day !== null && first !== null && day - first < CROWDED * axis.days) return []
      return day === null ? [] : [{ stage, day, logged: dates[stage].how === 'logged' }]
    }),
    spreads: SPREAD.flatMap((stage) => {
      const { spread } = dates[stage]
      if (!spread?.p10 || spread.p10 === spread.p90) return []
      const to = spread.p90 ?? axis.start
      return [
        {
          stage,
          from: inAxis(daysBetween(axis.start, spread.p10)),
          to: spread.p90 === null ? axis.days : inAxis(daysBetween(axis.start, to)),
        },
      ]
    }),
    text: (['sow', 'set-out', 'first-flower', 'first-green', 'first-ripe', 'end'] as const)
      .filter((stage) => stage !== 'first-green' || dates[stage].date !== null)
      .filter((stage) => stage !== 'set-out' || raising !== 'direct')
      .filter((stage) => stage !== 'sow' || raising !== 'bought')
      .map((stage) => `${STAGE_NAMES[stage].toLowerCase()} ${say(stage)}`)
      .join(', '),
  }
}
