import type { Reason } from '../advice'
import { daysBetween } from '../calendar'
import { dateInSeason } from '../climate'
import { count, days, degreeDaySum, name, onDate, share, temperature, weeks, type Measure } from '../quantity'
import { biasOn } from './date-bias'
import { MATURE_GREEN } from './last-useful-flower'
import type { PlantingOutlook } from './outlook'
import { HARDENING_DAYS, raisingDays, TRAY_TEMPERATURE, trayEmergence } from './raising'
import { BEARING_DAYS } from './stage-days'
import { SET_OUT_LIMITS, SET_OUT_NIGHTS } from '../crop'
import type { Stage } from './stages'
import { closesBeforeItOpens } from './transplant-window'

export type DateRule =
  | 'date.entered'
  | 'date.own-later'
  | 'date.own-earlier'
  | 'date.meant'
  | 'date.sow'
  | 'date.sow-in-place'
  | 'date.emerge-by-size'
  | 'date.emerge-tray'
  | 'date.emerge-ground'
  | 'date.first-light'
  | 'date.pot-up'
  | 'date.harden'
  | 'date.set-out'
  | 'date.set-out-may'
  | 'date.set-out-mild'
  | 'date.set-out-ideal'
  | 'date.set-out-early'
  | 'date.set-out-closed'
  | 'date.set-out-too-short'
  | 'date.first-flower'
  | 'date.first-green'
  | 'date.first-ripe'
  | 'date.peak'
  | 'date.last-flower-ripe'
  | 'date.last-flower-green'
  | 'date.top'
  | 'date.end-frost'
  | 'date.end-borne'
  | 'date.end-none'

/** What of the garden's own record moves a date; null: nothing does. */
export function movedReason(
  { plan, dates, cultivar }: PlantingOutlook,
  stage: Stage,
): Reason<DateRule> | null {
  const bias = dates[stage].how === 'expected' ? biasOn(plan.biases, stage, cultivar.crop) : null
  return bias === null
    ? null
    : {
        rule: bias.days > 0 ? 'date.own-later' : 'date.own-earlier',
        values: {
          days: days(Math.abs(bias.days)),
          late: days(Math.round(Math.abs(bias.late))),
          count: count(bias.count),
          lead: weeks(bias.lead),
        },
        weight: 'supports',
      }
}

/** Why a stage has its date; null: the stage is no part of this planting. */
export function dateReason(own: PlantingOutlook, stage: Stage): Reason<DateRule> | null {
  const { start, dates, end, plan, planting, cultivar, window } = own
  const { thermal } = plan
  const because = (rule: DateRule, values: Record<string, Measure> = {}): Reason<DateRule> => ({
    rule,
    values,
    weight: 'supports',
  })
  if (dates[stage].how === 'logged') return because('date.entered')
  const direct = planting.raising === 'direct'
  const inSeason = (offset: number | null) => (offset === null ? null : dateInSeason(start, offset))
  /** So long after another stage as its warmth takes here; null: one of the two has no date. */
  const after = (from: Stage, rule: DateRule, sum: number) => {
    const [begin, end] = [dates[from].date, dates[stage].date]
    if (begin === null || end === null) return null
    return because(rule, { time: weeks(daysBetween(begin, end)), sum: degreeDaySum(sum) })
  }
  switch (stage) {
    case 'sow':
      if (planting.raising === 'bought') return null
      if (planting.plannedSow !== null) return because('date.meant')
      return direct
        ? because('date.sow-in-place')
        : because('date.sow', {
            weeks: count(Math.round(raisingDays(cultivar.crop, planting.raising) / 7)),
            way: name(planting.raising),
          })
    case 'emerge':
      if (planting.raising === 'bought') return because('date.emerge-by-size')
      return direct
        ? because('date.emerge-ground')
        : because('date.emerge-tray', {
            warmth: temperature(TRAY_TEMPERATURE),
            days: days(trayEmergence(cultivar.crop)),
          })
    case 'first-light':
      return dates['first-light'].date === null ? null : because('date.first-light')
    case 'pot-up':
      return dates['pot-up'].date === null ? null : because('date.pot-up')
    case 'harden':
      return dates.harden.date === null ? null : because('date.harden', { days: days(HARDENING_DAYS) })
    case 'set-out': {
      if (direct) return null
      if (planting.plannedSetOut !== null) return because('date.meant')
      const { night, soil } = SET_OUT_LIMITS[cultivar.crop][window.plans]
      const values = { night: temperature(night), soil: temperature(soil), nights: count(SET_OUT_NIGHTS) }
      const [may, ideal, closes] = [window.opens, window.ideal, window.closes].map(({ p50 }) => inSeason(p50))
      if (may === null || may === undefined) return because('date.set-out', values)
      // Where hardly a spring freezes there is no day to name.
      const frost = window.safeFrom > 0 ? { frost: onDate(inSeason(window.safeFrom)!) } : null
      if (closesBeforeItOpens(window) && window.closes.p50! < 0)
        return because('date.set-out-too-short', values)
      if (closes !== null && closesBeforeItOpens(window))
        return because('date.set-out-closed', { ...values, closes: onDate(closes!) })
      if (ideal === null || window.waitingCosts === null)
        return frost === null
          ? because('date.set-out-mild', values)
          : because('date.set-out-may', { ...values, ...frost })
      const costs = { ideal: onDate(ideal!), may: onDate(may), costs: share(window.waitingCosts) }
      return because(window.plans === 'ideal' ? 'date.set-out-ideal' : 'date.set-out-early', {
        ...values,
        ...costs,
      })
    }
    case 'first-flower':
      return after('emerge', 'date.first-flower', thermal.fromEmergence)
    case 'first-green':
      return thermal.toGreen === null ? null : after('first-flower', 'date.first-green', thermal.toGreen)
    case 'first-ripe':
      return after('first-flower', 'date.first-ripe', thermal.ripening)
    case 'peak':
      return because('date.peak')
    case 'last-flower-ripe':
      return because('date.last-flower-ripe', { sum: degreeDaySum(thermal.ripening) })
    case 'last-flower-green':
      return because('date.last-flower-green', { share: share(MATURE_GREEN) })
    case 'top':
      return dates.top.date === null ? null : because('date.top')
    case 'end':
      if (dates.end.date === null) return because('date.end-none')
      return end.kind === 'borne'
        ? because('date.end-borne', { days: days(BEARING_DAYS) })
        : because('date.end-frost')
  }
}
