import { raisedDay, raisedGrowth, STANDARD_GROWTH, type Cultivar } from '../crop'
import { daysToEmergence } from './emergence'
import {
  HARDENING_DAYS,
  leastRaisingDays,
  POT_UP_AFTER,
  raisingDays,
  setOutCheck,
  trayEmergence,
} from './raising'
import type { StagePlan, TurningDays } from './stage-days'
import { firstOpenDay } from './transplant-window'
import type { Year } from './year'

/** The days of a planting up to its setting out, or its coming up where it was sown there. */
export interface Raised {
  sow: number | null
  emerge: number | null
  potUp: number | null
  harden: number | null
  setOut: number | null
  /** The day growth in the ground begins, what it has grown since its emergence by then, and loses there, °C d. */
  starts: number | null
  grown: number
  check: number
}

/** The days up to setting out, by how the planting is raised; see `stageDays`. */
export function raisedDays(plan: StagePlan, year: Year, taken?: TurningDays): Raised {
  switch (plan.raising) {
    case 'direct':
      return sownInPlace(plan, year, taken)
    case 'bought':
      return bought(plan, year, taken)
    default:
      return raisedInTrays(plan, year, taken)
  }
}

const LAST_DAY = 365
const add = (day: number | null, days: number) => (day === null ? null : day + days)

function raisedInTrays(plan: StagePlan, year: Year, taken?: TurningDays): Raised {
  const { raising, logged, today, cultivar, thermal } = plan
  const { crop } = cultivar
  const { least, usual } = { least: leastRaisingDays(crop, raising), usual: raisingDays(crop, raising) }
  const opening = () => (taken ? taken.opens : year.opens(crop, plan.level))
  // Of a plant that was set out and never sown here, bought or not noted, the age is the usual one.
  const wasSown = plan.plannedSow ?? add(logged['set-out'] ?? plan.plannedSetOut ?? opening(), -usual)
  const sow = logged.sow ?? wasSown
  const begun = [logged.sow, logged.emerge, logged['pot-up'], logged.harden, logged['set-out']].some(
    (day) => day !== undefined,
  )
  // Seed that was meant to be sown by now and was not is sown today at the earliest.
  const sown = sow === null || begun ? sow : Math.max(sow, today)
  const ready = sown === null ? 0 : sown + least
  const setOut = setOutDay(plan, year, ready, taken)
  const emerge = logged.emerge ?? add(sown, trayEmergence(crop))
  const starts = setOut === null ? null : logged['set-out'] === undefined ? Math.max(setOut, today) : setOut
  return {
    sow,
    emerge,
    potUp: raising === 'plug' ? null : add(emerge, POT_UP_AFTER),
    harden: add(setOut, -HARDENING_DAYS),
    setOut,
    starts,
    grown: starts === null || emerge === null ? 0 : raisedGrowth(thermal, crop, 0, starts - emerge),
    check: setOutCheck(crop, raising, plan.hardened),
  }
}

/** The day of setting out: entered, meant, or the first that is warm enough once the plants are ready. */
function setOutDay(
  { logged, plannedSetOut, level, cultivar: { crop } }: StagePlan,
  year: Year,
  ready: number,
  taken?: TurningDays,
): number | null {
  if (logged['set-out'] !== undefined) return logged['set-out']
  if (plannedSetOut !== null) return Math.max(plannedSetOut, ready)
  if (taken) return taken.opens === null ? null : Math.max(taken.opens, ready)
  return firstOpenDay(year, crop, Math.max(0, ready, year.opens(crop, level) ?? LAST_DAY))
}

/** Plants that were raised elsewhere: their age follows from their size on the day that they were met. */
function bought(plan: StagePlan, year: Year, taken?: TurningDays): Raised {
  const { logged, today, cultivar, thermal, met } = plan
  const { crop } = cultivar
  const grows = met?.as === 'growing'
  const begun = logged['set-out'] !== undefined || grows
  const setOut = setOutDay(plan, year, met?.day ?? Math.max(0, today), taken)
  const starts = setOut === null ? null : begun ? setOut : Math.max(setOut, today)
  const standard = STANDARD_GROWTH[crop]
  const days = (growth: number) => Math.round(growth / raisedDay(crop).degreeDays)
  const common = {
    ...{ sow: null, potUp: null, setOut },
    harden: grows ? null : add(setOut, -HARDENING_DAYS),
    check: setOutCheck(crop, 'bought', plan.hardened),
  }
  if (met === null || met.growth === null || starts === null)
    return { ...common, emerge: add(setOut, -days(standard)), starts, grown: standard }
  // What stood here when it was met goes on from that day; what was bought grows in its pot until it goes out.
  const from = Math.max(met.day, starts)
  return {
    ...common,
    emerge: grows ? starts - days(standard) : met.day - days(met.growth),
    starts: from,
    grown: grows ? met.growth : raisedGrowth(thermal, crop, met.growth, from - met.day),
    check: grows ? 0 : common.check,
  }
}

function sownInPlace(plan: StagePlan, year: Year, taken?: TurningDays): Raised {
  const { logged, today, cultivar } = plan
  const { crop } = cultivar
  const meant = plan.plannedSow ?? (taken ? taken.opens : firstOpenDay(year, crop, Math.max(0, today)))
  const sow = logged.sow ?? (meant === null ? null : Math.max(meant, today))
  const emerge = logged.emerge ?? (sow === null ? null : comesUp(year.seedbed, crop, sow))
  return {
    sow,
    emerge,
    potUp: null,
    harden: null,
    setOut: null,
    starts: emerge,
    grown: 0,
    check: 0,
  }
}

/** The day on which seed in place has come up: each day brings its share at that day's soil; null: never. */
function comesUp(seedbed: Float64Array, crop: Cultivar['crop'], sown: number): number | null {
  let done = 0
  for (let day = Math.max(0, sown); day < seedbed.length; day++) {
    const whole = daysToEmergence(crop, seedbed[day]!)
    if (whole !== null) done += 1 / whole
    if (done >= 1) return day + 1
  }
  return null
}
