import { addDays, daysBetween } from '../calendar'
import { length, temperature } from '../quantity'
import { judgeSetOut, ROOT_DEPTH, safeFromOf } from '../season'
import type { Call } from './call'
import { has, makeCall, type CallContext } from './context'
import { MINUTES } from './minutes'

/** A thermometer reading counts as fresh for so many days; it is asked for so long before setting out. */
const FRESH_DAYS = 6
const ASK_BEFORE = 8

const isRaised = (context: CallContext) => has(context, 'sown', 'emerged', 'potted-up', 'hardened', 'met')

export function readSoil(context: CallContext & { lastReading: string | null }): Call | null {
  const { dates, soil, at, today, lastReading } = context
  const setOut = dates['set-out'].date
  if (setOut === null || !isRaised(context) || has(context, 'set-out')) return null
  if (lastReading !== null && daysBetween(lastReading as typeof today, today) <= FRESH_DAYS) return null
  const expected = soil[at]!
  return makeCall(context, {
    occurrence: lastReading ?? 'first',
    due: addDays(setOut, -ASK_BEFORE),
    late: null,
    minutes: MINUTES.readSoil,
    advice: {
      answer: { kind: 'read-soil', depth: ROOT_DEPTH, expected },
      reasons: [
        {
          rule: 'call.read-soil-estimate',
          values: { soil: temperature(expected), depth: length(ROOT_DEPTH) },
          weight: 'decides',
        },
      ],
      cautions: [],
    },
    ifItWaits: null,
  })
}

export function setOut(context: CallContext): Call | null {
  const { planting, cultivar, dates, air, soil, at } = context
  const planned = dates['set-out'].date
  if (planned === null || !isRaised(context) || has(context, 'set-out')) return null
  const { answer, reasons, alternatives, cautions } = judgeSetOut(
    { air, sources: context.season.line.sources },
    soil,
    cultivar.crop,
    at,
    safeFromOf(context.season, context),
  )
  return makeCall(context, {
    due: planned,
    early: 3,
    late: 10,
    minutes: MINUTES.setOut + MINUTES.setOutPlant * planting.count,
    advice: {
      answer: { kind: 'set-out', plants: planting.count, ...answer },
      reasons,
      alternatives: alternatives as never[],
      cautions: [...cautions, 'buried-lines', 'stake-tips'],
    },
    ifItWaits: { rule: 'call.waits-set-out', values: {}, weight: 'supports' },
  })
}
