import { daysBetween, type IsoDate } from '../calendar'
import { isBush } from '../crop'
import type { Planting, RaisingWay } from '../facts'
import { RAISING_WAYS } from '../facts'
import { weatherOf, type PlantingOutlook, type SeasonOutlook } from './outlook'
import { plantingDates } from './planting-dates'
import { stagePlan } from './stage-days'
import type { PlantingDates, StageDate } from './stages'

/** One way of raising a planting, dated whole, as if nothing had been done yet but what is sown. */
export interface Way {
  way: RaisingWay
  dates: PlantingDates
  /** Days that its first ripe fruit come after those of the way that is planned; null: one of them has none. */
  later: number | null
}

/**
 * A planting raised in each way: a plug that goes out young, the usual plant, a bigger one later, and seed sown in
 * place; each dated over the courses that the season can take.
 */
export function waysToRaise(outlook: SeasonOutlook, own: PlantingOutlook): Way[] {
  const { here, courses } = weatherOf(outlook, own)
  const dated = (way: RaisingWay): PlantingDates => {
    if (way === own.planting.raising) return own.dates
    // Seed that is in its tray stays there; only when it goes out is still open.
    const sown =
      way === 'direct' ? [] : own.entries.filter(({ kind }) => kind === 'sown' || kind === 'emerged')
    const planting: Planting = { ...own.planting, raising: way, plannedSetOut: null, plannedSow: null }
    const day = (date: IsoDate) => daysBetween(own.start, date)
    const plan = stagePlan(planting, own.cultivar, sown, outlook.today, day, own.plan.level, own.plan.biases)
    return plantingDates({
      plan,
      line: here,
      taken: own.turns,
      courses,
      seasonStart: own.start,
    })
  }
  const planned = own.dates['first-ripe']
  return RAISING_WAYS.map((way) => {
    const dates = dated(way)
    return { way, dates, later: later(planned, dates['first-ripe']) }
  })
}

const later = (one: StageDate, other: StageDate) =>
  one.date === null || other.date === null ? null : daysBetween(one.date, other.date)

/** What can follow a planting that is done while the season goes on. */
export interface Succession {
  /** The bed is free from here. */
  free: StageDate
  dates: PlantingDates
}

/** The same cultivar once more after a determinate has borne its weeks; null: it bears on, or nothing follows. */
export function succession(outlook: SeasonOutlook, own: PlantingOutlook): Succession | null {
  const { planting, cultivar, dates, start } = own
  if (!isBush(cultivar) || cultivar.habit !== 'determinate' || dates.end.date === null) return null
  const { here, courses } = weatherOf(outlook, own)
  const day = (date: typeof outlook.today) => daysBetween(start, date)
  const isDirect = planting.raising === 'direct'
  const next: Planting = {
    ...planting,
    plannedSow: isDirect ? dates.end.date : null,
    plannedSetOut: isDirect ? null : dates.end.date,
  }
  const plan = stagePlan(next, cultivar, [], outlook.today, day, own.plan.level, own.plan.biases)
  const after = plantingDates({
    plan,
    line: here,
    taken: own.turns,
    courses,
    seasonStart: start,
  })
  return { free: dates.end, dates: after }
}
