import { addDays, daysBetween } from '../calendar'
import type { Reason } from '../advice'
import { ofKind } from '../facts'
import { count, days, duration, onDate, share, speed, temperature } from '../quantity'
import { HARDENING_DAYS, seedsToSow, RAISING_DAYS } from '../season'
import type { Call, CallRule } from './call'
import { has, lastOf, makeCall, type CallContext } from './context'

/** Seeds stand this deep, m; a pot for a young plant, L. */
const SOWING_DEPTH = 0.006
const YOUNG_POT = 0.5
/** † Working times, min. */
const MINUTES = { sow: 8, sowSeed: 0.2, look: 2, potUp: 5, potUpPlant: 1.5, harden: 4 }
/** Hardening off: hours out added each day, and the days from which sun, wind and night may reach the plants. */
const HOURS_A_DAY = 1.5
const FIRST_DAY = { sun: 3, wind: 5, night: 7 }
/** A day is skipped below this, °C, or above this wind, m/s; nights out from this, °C. */
const TOO_COLD = 8
const TOO_WINDY = 40 / 3.6
const NIGHT_OUT = 10
/** † The windiest hour of a day against its mean wind. */
const WINDIEST_HOUR = 2

export function sow(context: CallContext): Call | null {
  const { planting, cultivar, dates, today } = context
  const due = dates.sow.date
  const setOut = dates['set-out'].date
  if (due === null || setOut === null || has(context, 'sown', 'emerged', 'potted-up', 'hardened', 'set-out'))
    return null
  const { germination, survival, count: plants } = planting
  const seeds = seedsToSow({ plantsWanted: plants, germination, survival })
  const late = daysBetween(due, today)
  const reasons: Reason<CallRule>[] = [
    {
      rule: 'call.sow-weeks',
      values: { weeks: count(RAISING_DAYS[cultivar.crop] / 7), date: onDate(setOut) },
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

export function lookForLoops(context: CallContext): Call | null {
  const { planting, dates } = context
  if (!has(context, 'sown') || has(context, 'emerged', 'potted-up', 'hardened', 'set-out')) return null
  const due = dates.emerge.date!
  return makeCall(context, {
    due,
    early: 3,
    late: 5,
    minutes: MINUTES.look,
    advice: {
      answer: { kind: 'look-for-loops', plants: planting.count },
      reasons: [
        { rule: 'call.loops-due', values: { date: onDate(due) }, weight: 'decides' },
        { rule: 'call.light-at-once', values: {}, weight: 'supports' },
      ],
      cautions: ['grow-light'],
    },
    ifItWaits: { rule: 'call.waits-light', values: {}, weight: 'supports' },
  })
}

export function potUp(context: CallContext): Call | null {
  const { planting, dates } = context
  if (!has(context, 'emerged') || has(context, 'potted-up', 'hardened', 'set-out')) return null
  const due = dates['pot-up'].date!
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
  if (start === null || !has(context, 'sown', 'emerged', 'potted-up', 'hardened') || has(context, 'set-out'))
    return null
  const done = ofKind(context.entries, 'hardened').length
  const day = done + 1
  if (day > HARDENING_DAYS) return null
  const last = lastOf(context, 'hardened')
  // One step a day: after today's, the next is tomorrow's.
  const due = last === null ? start : addDays(last, 1)
  const on = Math.max(at, at + daysBetween(today, due))
  const { air } = season.line
  const [tmax, tmin, wind] = [air.tmax[on]!, air.tmin[on + 1]!, air.wind[on]! * WINDIEST_HOUR]
  const rest = tmax < TOO_COLD || wind > TOO_WINDY
  const nightOut = day >= FIRST_DAY.night && tmin >= NIGHT_OUT
  const hours = Math.min(12, HOURS_A_DAY * day)

  const reasons: Reason<CallRule>[] = [
    {
      rule: 'call.harden-days',
      values: { day: count(day), days: count(HARDENING_DAYS), hours: duration(hours * 3600) },
      weight: 'decides',
    },
  ]
  if (tmax < TOO_COLD)
    reasons.unshift({
      rule: 'call.harden-rest-cold',
      values: { high: temperature(tmax), limit: temperature(TOO_COLD) },
      weight: 'decides',
    })
  else if (rest)
    reasons.unshift({
      rule: 'call.harden-rest-wind',
      values: { wind: speed(wind), limit: speed(TOO_WINDY) },
      weight: 'decides',
    })
  else if (day >= FIRST_DAY.night)
    reasons.push({
      rule: nightOut ? 'call.harden-night-out' : 'call.harden-night-in',
      values: { low: temperature(tmin), limit: temperature(NIGHT_OUT) },
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
        sun: day >= FIRST_DAY.sun,
        wind: day >= FIRST_DAY.wind,
        nightOut,
        rest,
      },
      reasons,
      cautions: ['lift-trays'],
    },
    ifItWaits: { rule: 'call.waits-hardening', values: {}, weight: 'supports' },
  })
}
