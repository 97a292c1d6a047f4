import { growthToFlower, plantTraits, RAISED_DAY, type Cultivar } from '../crop'
import { daysToEmergence } from './emergence'
import { usualGrowth } from './met'
import {
  HARDENING_DAYS,
  headStart,
  leastRaisingDays,
  POT_UP_AFTER,
  raisingDays,
  trayEmergence,
  UNHARDENED_LOSS,
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
  /** The day growth in the ground begins, and what the plant is ahead of a usual one, °C d. */
  starts: number | null
  ahead: number
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
  const { raising, logged, today } = plan
  const { crop } = plan.cultivar
  const { least, usual } = { least: leastRaisingDays(crop, raising), usual: raisingDays(crop, raising) }
  const opening = () => (taken ? taken.opens : year.opens(crop))
  const sow = logged.sow ?? plan.plannedSow ?? add(plan.plannedSetOut ?? opening(), -usual)
  const begun = [logged.sow, logged.emerge, logged['pot-up'], logged.harden, logged['set-out']].some(
    (day) => day !== undefined,
  )
  // Seed that was meant to be sown by now and was not is sown today at the earliest.
  const sown = sow === null || begun ? sow : Math.max(sow, today)
  const ready = sown === null ? 0 : sown + least
  const setOut = setOutDay(plan, year, ready, taken)
  const emerge = logged.emerge ?? add(sown, trayEmergence(crop))
  const starts = setOut === null ? null : logged['set-out'] === undefined ? Math.max(setOut, today) : setOut
  // Of a plant that was set out and never sown here, bought or not noted, the age is the usual one.
  const ageKnown = logged['set-out'] === undefined || logged.sow !== undefined
  const age = !ageKnown || starts === null || sown === null ? usual : starts - sown
  const loss = plan.hardened ? 0 : UNHARDENED_LOSS
  return {
    sow,
    emerge,
    potUp: raising === 'plug' ? null : add(emerge, POT_UP_AFTER),
    harden: add(setOut, -HARDENING_DAYS),
    setOut,
    starts,
    ahead: headStart(crop, raising, age) - loss,
  }
}

/** The day of setting out: entered, meant, or the first that is warm enough once the plants are ready. */
function setOutDay(
  { logged, plannedSetOut, cultivar: { crop } }: StagePlan,
  year: Year,
  ready: number,
  taken?: TurningDays,
): number | null {
  if (logged['set-out'] !== undefined) return logged['set-out']
  if (plannedSetOut !== null) return Math.max(plannedSetOut, ready)
  if (taken) return taken.opens === null ? null : Math.max(taken.opens, ready)
  return firstOpenDay(year, crop, Math.max(0, ready, year.opens(crop) ?? LAST_DAY))
}

/** Plants that were raised elsewhere: their age follows from their size on the day that they were met. */
function bought(plan: StagePlan, year: Year, taken?: TurningDays): Raised {
  const { logged, today, cultivar, thermal, met } = plan
  const grows = met?.as === 'growing'
  const begun = logged['set-out'] !== undefined || grows
  const setOut = setOutDay(plan, year, met?.day ?? Math.max(0, today), taken)
  const starts = setOut === null ? null : begun ? setOut : Math.max(setOut, today)
  const usual = usualGrowth(cultivar)
  const days = (growth: number) => Math.round(growth / RAISED_DAY.degreeDays)
  if (met === null || met.growth === null || starts === null)
    return {
      ...{ sow: null, potUp: null },
      emerge: add(setOut, -days(usual)),
      harden: grows ? null : add(setOut, -HARDENING_DAYS),
      setOut,
      starts,
      ahead: plan.hardened ? 0 : -UNHARDENED_LOSS,
    }
  // What stood here when it was met goes on from that day; what was bought grows in its pot until it goes out.
  const from = Math.max(met.day, starts)
  const grown = met.growth + (grows ? 0 : (from - met.day) * RAISED_DAY.degreeDays)
  const toFlower = growthToFlower(plantTraits(cultivar))
  const left = thermal.toFirstFlower * ((toFlower - grown) / (toFlower - usual))
  return {
    ...{ sow: null, potUp: null },
    emerge: grows ? starts - days(usual) : met.day - days(met.growth),
    harden: grows ? null : add(setOut, -HARDENING_DAYS),
    setOut,
    starts: from,
    ahead: thermal.toFirstFlower - left - (plan.hardened ? 0 : UNHARDENED_LOSS),
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
    ahead: headStart(crop, 'direct', null),
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
