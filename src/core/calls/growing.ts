import { firstPick } from '../season'
import { addDays } from '../calendar'
import { LIGHT_FROST } from '../climate'
import { onDate, temperature } from '../quantity'
import type { Reason } from '../advice'
import type { PruningRule } from '../pruning'
import type { Call, CallGarden, EndingRule } from './call'
import { has, lastOf, madeUp, makeCall, type CallContext } from './context'
import { MINUTES } from './minutes'
import { seasonEnding } from './planting-cuts'

/** Nights ahead that a frost is looked for in. */
const NIGHTS_AHEAD = 3
/** Days between pickings. */
const PICK_EVERY = 3

export function cover(context: CallContext): Call | null {
  const { planting, season, air, at, today } = context
  if (context.phase !== 'standing') return null
  // The low of a date comes before its sunrise: tonight's is tomorrow's.
  const { sources } = season.line
  for (let night = 1; night <= NIGHTS_AHEAD; night++) {
    const low = air.tmin[at + night]!
    if (low > LIGHT_FROST || sources[at + night] === 'normal') continue
    const evening = addDays(today, night - 1)
    return makeCall(context, {
      occurrence: evening,
      due: evening,
      late: null,
      tonight: night === 1,
      minutes: MINUTES.cover + MINUTES.coverPlant * planting.count,
      advice: {
        answer: { kind: 'cover', nightLow: low },
        reasons: [
          {
            rule: 'call.cover-low',
            values: { low: temperature(low), limit: temperature(LIGHT_FROST) },
            weight: 'decides',
          },
          { rule: 'call.cover-clear-of-leaves', values: {}, weight: 'supports' },
          ...madeUp(season, at + night),
        ],
        cautions: [],
      },
      ifItWaits: { rule: 'call.waits-frost', values: {}, weight: 'supports' },
    })
  }
  return null
}

export function lookForFlowers(context: CallContext): Call | null {
  const due = context.dates['first-flower'].date
  if (due === null || context.phase !== 'standing' || has(context, 'flowered', 'picked')) return null
  // What it carried when it was met told of its flowers.
  if (context.plan.met && context.plan.met.carries !== 'nothing') return null
  return makeCall(context, {
    due,
    early: 2,
    late: null,
    minutes: MINUTES.look,
    advice: {
      answer: { kind: 'look-for-flowers' },
      reasons: [{ rule: 'call.flowers-due', values: { date: onDate(due) }, weight: 'decides' }],
      cautions: [],
    },
    ifItWaits: null,
  })
}

export function pick(context: CallContext): Call | null {
  const { planting, cultivar, dates } = context
  if (context.phase !== 'standing') return null
  const last = lastOf(context, 'picked')
  const isGreen = dates['first-green'].date !== null
  const due = last === null ? firstPick(dates).date : addDays(last, PICK_EVERY)
  if (due === null) return null
  return makeCall(context, {
    occurrence: last ?? 'first',
    due,
    early: last === null ? 3 : 0,
    late: null,
    minutes: MINUTES.pick + MINUTES.pickPlant * planting.count,
    advice: {
      answer: { kind: 'pick', first: last === null },
      reasons: [
        last === null
          ? {
              rule: isGreen ? 'call.first-green-due' : 'call.first-ripe-due',
              values: { date: onDate(due) },
              weight: 'decides',
            }
          : { rule: 'call.picked-last', values: { date: onDate(last) }, weight: 'decides' },
      ],
      cautions: cultivar.fruit.startsWith('hot') ? ['hot-pepper'] : [],
    },
    ifItWaits: last === null ? null : { rule: 'call.waits-pick', values: {}, weight: 'supports' },
  })
}

export function top(context: CallContext, garden: CallGarden): Call | null {
  const { planting, dates, season, own } = context
  const due = dates.top.date
  const frost = dates.end.date
  if (due === null || frost === null || context.phase !== 'standing' || has(context, 'topped')) return null
  // Which trusses are left on, of the plants that were cut first.
  const ending = due > season.today ? undefined : seasonEnding(season, own, garden)?.reason
  const trusses = ending && isNamed(ending) ? [{ ...ending, weight: 'supports' as const }] : []
  return makeCall(context, {
    due,
    early: 2,
    late: 14,
    minutes: MINUTES.top * planting.count,
    advice: {
      answer: { kind: 'top' },
      reasons: [
        {
          rule: 'call.top-last-flower',
          values: { date: onDate(due), frost: onDate(frost) },
          weight: 'decides',
        },
        ...trusses,
      ],
      cautions: ['sharp-blade', 'foliage-not-food'],
    },
    ifItWaits: { rule: 'call.waits-top', values: {}, weight: 'supports' },
  })
}

const isNamed = (ending: Reason<PruningRule>): ending is Reason<EndingRule> =>
  ending.rule !== 'prune.top-season'

export function clear(context: CallContext): Call | null {
  const { planting, phase, end } = context
  if (end.on === null || end.kind === 'cleared' || phase !== 'standing') return null
  const { on: due, kind: why } = end
  return makeCall(context, {
    due,
    late: null,
    minutes: MINUTES.clear * planting.count,
    advice: {
      answer: { kind: 'clear', why },
      reasons: [{ rule: `call.clear-${why}`, values: { date: onDate(due) }, weight: 'decides' }],
      cautions: ['foliage-not-food'],
    },
    ifItWaits: null,
  })
}
