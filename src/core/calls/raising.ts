import { addDays, daysBetween } from '../calendar'
import type { Reason } from '../advice'
import { count, days, duration, onDate, share, speed, temperature } from '../quantity'
import {
  hardeningDay,
  HARDENING_DAYS,
  HARDENING_LIMITS,
  raisingDays,
  seedsInPlace,
  seedsToSow,
  stageEntries,
} from '../season'
import type { Call, CallRule } from './call'
import { has, lastOf, makeCall, type CallContext } from './context'
import { MINUTES } from './minutes'

/** Seeds stand this deep, m; a pot for a young plant, L. */
const SOWING_DEPTH = 0.006
const YOUNG_POT = 0.5
export function sow(context: CallContext): Call | null {
  const { planting, cultivar, dates, today } = context
  const due = dates.sow.date
  const setOut = dates['set-out'].date
  if (
    planting.raising === 'bought' ||
    due === null ||
    (setOut === null && planting.raising !== 'direct') ||
    has(context, 'sown', 'emerged', 'potted-up', 'hardened', 'set-out')
  )
    return null
  const { germination, survival, count: plants } = planting
  const seeds =
    planting.raising === 'direct'
      ? seedsInPlace(planting)
      : seedsToSow({ plantsWanted: plants, germination, survival })
  const late = daysBetween(due, today)
  const reasons: Reason<CallRule>[] = [
    setOut === null
      ? { rule: 'call.sow-in-place', values: {}, weight: 'decides' }
      : {
          rule: 'call.sow-weeks',
          values: {
            weeks: count(Math.round(raisingDays(cultivar.crop, planting.raising) / 7)),
            date: onDate(setOut),
          },
          weight: 'decides',
        },
    {
      rule: 'call.sow-odds',
      values: {
        seeds: count(seeds),
        plants: count(plants),
        germination: share(germination),
        survival: share(survival),
      },
      weight: 'supports',
    },
  ]
  if (late > 14) reasons.push({ rule: 'call.sow-late', values: { late: days(late) }, weight: 'warns' })
  return makeCall(context, {
    due,
    early: 7,
    late: 14,
    minutes: MINUTES.sow + MINUTES.sowSeed * seeds,
    advice: {
      answer: { kind: 'sow', seeds, plants, depth: SOWING_DEPTH },
      reasons,
      cautions: ['treated-seed'],
    },
    ifItWaits: { rule: 'call.waits-sow', values: {}, weight: 'supports' },
  })
}

/** Plants that are raised elsewhere are fetched when they can go outside for their first hours. */
export function get(context: CallContext): Call | null {
  const { planting, dates } = context
  const due = dates.harden.date
  if (planting.raising !== 'bought' || due === null || has(context, 'met', 'hardened', 'set-out')) return null
  return makeCall(context, {
    due,
    early: 7,
    late: 14,
    minutes: MINUTES.get,
    advice: {
      answer: { kind: 'get', plants: planting.count },
      reasons: [
        {
          rule: 'call.get-ready',
          values: { days: days(HARDENING_DAYS), date: onDate(dates['set-out'].date ?? due) },
          weight: 'decides',
        },
        { rule: 'call.get-look', values: {}, weight: 'supports' },
      ],
      cautions: [],
    },
    ifItWaits: { rule: 'call.waits-get', values: {}, weight: 'supports' },
  })
}

export function lookForLoops(context: CallContext): Call | null {
  const { planting, dates } = context
  if (
    !has(context, 'sown') ||
    dates.emerge.date === null ||
    has(context, 'emerged', 'potted-up', 'hardened', 'set-out')
  )
    return null
  const due = dates.emerge.date
  const inPlace = planting.raising === 'direct'
  return makeCall(context, {
    due,
    early: 3,
    late: 5,
    minutes: MINUTES.look,
    advice: {
      answer: { kind: 'look-for-loops', plants: planting.count },
      reasons: inPlace
        ? [{ rule: 'call.loops-due-in-place', values: { date: onDate(due) }, weight: 'decides' }]
        : [
            { rule: 'call.loops-due', values: { date: onDate(due) }, weight: 'decides' },
            { rule: 'call.light-at-once', values: {}, weight: 'supports' },
          ],
      cautions: inPlace ? [] : ['grow-light'],
    },
    ifItWaits: inPlace ? null : { rule: 'call.waits-light', values: {}, weight: 'supports' },
  })
}

export function potUp(context: CallContext): Call | null {
  const { planting, dates } = context
  if (!has(context, 'emerged') || has(context, 'potted-up', 'hardened', 'set-out')) return null
  const due = dates['pot-up'].date
  if (due === null) return null
  return makeCall(context, {
    due,
    early: 3,
    late: 7,
    minutes: MINUTES.potUp + MINUTES.potUpPlant * planting.count,
    advice: {
      answer: { kind: 'pot-up', plants: planting.count, potVolume: YOUNG_POT },
      reasons: [
        {
          rule: 'call.pot-up-roots',
          values: { emerged: onDate(lastOf(context, 'emerged')!) },
          weight: 'decides',
        },
      ],
      cautions: ['lift-trays'],
    },
    ifItWaits: { rule: 'call.waits-roots', values: {}, weight: 'supports' },
  })
}

export function harden(context: CallContext): Call | null {
  const { dates, today, at, season } = context
  const start = dates.harden.date
  if (
    start === null ||
    !has(context, 'sown', 'emerged', 'potted-up', 'hardened', 'met') ||
    has(context, 'set-out')
  )
    return null
  const done = stageEntries(context.entries, 'hardened').length
  const day = done + 1
  if (day > HARDENING_DAYS) return null
  const last = lastOf(context, 'hardened')
  // One step a day: after today's, the next is tomorrow's.
  const due = last === null ? start : addDays(last, 1)
  const on = Math.max(at, at + daysBetween(today, due))
  const { hours, sun, wind, nightOut, rest, high, low, windiest } = hardeningDay(season.line, on, day)

  const reasons: Reason<CallRule>[] = [
    {
      rule: 'call.harden-days',
      values: { day: count(day), days: count(HARDENING_DAYS), hours: duration(hours * 3600) },
      weight: 'decides',
    },
  ]
  if (rest === 'cold')
    reasons.unshift({
      rule: 'call.harden-rest-cold',
      values: { high: temperature(high), limit: temperature(HARDENING_LIMITS.cold) },
      weight: 'decides',
    })
  else if (rest === 'wind')
    reasons.unshift({
      rule: 'call.harden-rest-wind',
      values: { wind: speed(windiest), limit: speed(HARDENING_LIMITS.wind) },
      weight: 'decides',
    })
  else if (nightOut || day === HARDENING_DAYS)
    reasons.push({
      rule: nightOut ? 'call.harden-night-out' : 'call.harden-night-in',
      values: { low: temperature(low), limit: temperature(HARDENING_LIMITS.night) },
      weight: 'supports',
    })
  return makeCall(context, {
    occurrence: day,
    due,
    late: null,
    minutes: MINUTES.harden,
    advice: {
      answer: {
        kind: 'harden',
        day,
        hours,
        sun,
        wind,
        nightOut,
        rest: rest !== null,
      },
      reasons,
      cautions: ['lift-trays'],
    },
    ifItWaits: { rule: 'call.waits-hardening', values: {}, weight: 'supports' },
  })
}
