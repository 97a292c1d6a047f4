import {
  dayReached,
  GREEN,
  growthToFlower,
  isBush,
  lastDayToReach,
  plantTraits,
  RAISED_DAY,
  thermalTraits,
  type Carries,
  type Cultivar,
  type ThermalTraits,
} from '../crop'
import type { AnyEntry } from '../entry'
import type { Planting, RaisingWay } from '../facts'
import type { HarvestEntries } from '../harvest'
import { daysToEmergence } from './emergence'
import type { StageEntries } from './entries'
import { MATURE_GREEN } from './last-useful-flower'
import { metIn, usualGrowth, type PlantMet } from './met'
import {
  HARDENING_DAYS,
  headStart,
  leastRaisingDays,
  POT_UP_AFTER,
  raisingDays,
  trayEmergence,
  UNHARDENED_LOSS,
} from './raising'
import type { Stage, StageDays } from './stages'
import { firstOpenDay } from './transplant-window'
import type { Year } from './year'
import type { IsoDate } from '../calendar'

/** What of a planting is decided, as days from the season's start: the same in every year that it is dated in. */
export interface StagePlan {
  cultivar: Cultivar
  thermal: ThermalTraits
  raising: RaisingWay
  logged: Partial<Record<Stage, number>>
  hardened: boolean
  /** What was not raised here, with the day it was met. */
  met: (PlantMet & { day: number }) | null
  plannedSow: number | null
  plannedSetOut: number | null
  /** What was not done by today is done today at the earliest. */
  today: number
}

/** The entry that marks each stage. */
const MARKED_BY: Partial<Record<Stage, keyof StageEntries | keyof HarvestEntries>> = {
  sow: 'sown',
  emerge: 'emerged',
  'pot-up': 'potted-up',
  harden: 'hardened',
  'set-out': 'set-out',
  'first-flower': 'flowered',
  'first-ripe': 'picked',
  top: 'topped',
  end: 'cleared',
}

const MARKS = new Set<string>(Object.values(MARKED_BY))

/**
 * The entries that dates follow from: the first of each stage of each planting, and every reading of the soil.
 *
 * @param entries that count, oldest first
 */
export function datingEntries<One extends AnyEntry>(entries: readonly One[]): One[] {
  const begun = new Set<string>()
  return entries.filter(({ kind, subject }) => {
    if (kind === 'soil-read') return true
    const mark = `${kind} ${subject.id}`
    return MARKS.has(kind) && !begun.has(mark) && begun.add(mark)
  })
}

/** A planting as a plan. @param day of a date, from the season's start */
export function stagePlan(
  planting: Planting,
  cultivar: Cultivar,
  entries: readonly AnyEntry[],
  today: IsoDate,
  day: (date: IsoDate) => number,
): StagePlan {
  const logged: StagePlan['logged'] = {}
  for (const [stage, kind] of Object.entries(MARKED_BY)) {
    const first = entries.find((entry) => entry.kind === kind)
    if (first) logged[stage as Stage] = day(first.on)
  }
  const planned = (date: IsoDate | null) => (date === null ? null : day(date))
  const met = metIn(entries, cultivar)
  return {
    cultivar,
    thermal: thermalTraits(cultivar),
    raising: planting.raising,
    logged,
    // Whoever finds plants growing finds those that lived.
    hardened: logged['set-out'] === undefined || logged.harden !== undefined || met?.as === 'growing',
    met: met && { ...met, day: day(met.on) },
    plannedSow: planned(planting.plannedSow),
    plannedSetOut: planned(planting.plannedSetOut),
    today: day(today),
  }
}

/**
 * Days from the season's start on which it becomes warm enough to set out, and freezes first; null: it does not.
 * Normals are too smooth to show when five warm nights or one frost really come.
 */
export interface TurningDays {
  opens: number | null
  frost: number | null
}

/** † °C d over which a bush opens its flowers; and after its first ripe fruit a vine picks the most. */
const BUSH_BLOOM = 170
const VINE_PEAK = 300
/** A determinate bears for 2–4 weeks and is done, d. */
export const BEARING_DAYS = 21

/**
 * The days of a planting's stages in one year: what is logged stands, what is meant is kept as far as the year
 * allows, the rest follows from the weather.
 *
 * @param taken what is taken for the year's turning days; its own unless said
 */
export function stageDays(plan: StagePlan, year: Year, taken?: TurningDays): StageDays {
  const { cultivar, logged } = plan
  const raised =
    plan.raising === 'direct'
      ? sownInPlace(plan, year, taken)
      : plan.raising === 'bought'
        ? bought(plan, year, taken)
        : raisedInTrays(plan, year, taken)
  const grown = growing(plan, year, taken ? taken.frost : year.firstFrost, raised)
  const vine = cultivar.crop === 'tomato' && !isBush(cultivar)
  const found: StageDays = {
    sow: raised.sow,
    emerge: raised.emerge,
    'first-light': plan.raising === 'bought' ? null : raised.emerge,
    'pot-up': raised.potUp,
    harden: raised.harden,
    'set-out': raised.setOut,
    ...grown,
    top: vine ? grown['last-flower-green'] : null,
  }
  for (const stage of Object.keys(logged) as Stage[]) found[stage] = logged[stage]!
  return found
}

interface Raised {
  sow: number | null
  emerge: number | null
  potUp: number | null
  harden: number | null
  setOut: number | null
  /** The day growth in the ground begins, and what the plant is ahead of a usual one, °C d. */
  starts: number | null
  ahead: number
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

type Grown = Pick<
  StageDays,
  'first-flower' | 'first-ripe' | 'peak' | 'last-flower-ripe' | 'last-flower-green' | 'end'
>

/** Everything in the ground goes by thermal time, up to the frost. */
function growing(
  { cultivar, thermal, logged, met }: StagePlan,
  year: Year,
  frost: number | null,
  { starts, ahead }: Raised,
): Grown {
  const running = year.running(cultivar.crop)
  const alive = (day: number | null) => (day !== null && frost !== null && day > frost ? null : day)
  const after = (from: number | null, sum: number) =>
    from === null || from < 0 || from >= running.length ? null : alive(dayReached(running, from, sum))

  const seen = met && met.carries !== 'nothing' ? met : null
  const flower =
    logged['first-flower'] ??
    (seen
      ? openedBefore(running, seen.day, thermal.ripening * RIPENED[seen.carries], logged['set-out'] ?? 0)
      : after(starts, Math.max(LEAST_TO_FLOWER, thermal.toFirstFlower - ahead)))
  const ripe = logged['first-ripe'] ?? (seen?.carries === 'ripe' ? seen.day : after(flower, thermal.ripening))
  const bush = isBush(cultivar)
  const determinate = cultivar.crop === 'tomato' && cultivar.habit === 'determinate'
  const done = determinate && ripe !== null ? ripe + BEARING_DAYS : null
  const end = done === null ? frost : frost === null ? done : Math.min(done, frost)
  const peak = after(ripe, bush ? BUSH_BLOOM / 2 : VINE_PEAK)
  return {
    'first-flower': flower,
    'first-ripe': ripe,
    // A short season ends before the plant is at its best: half of what is left then.
    peak: ripe === null ? null : (peak ?? (end === null ? null : Math.round((ripe + end) / 2))),
    'last-flower-ripe': frost === null ? null : lastDayToReach(running, frost, thermal.ripening),
    'last-flower-green':
      frost === null ? null : lastDayToReach(running, frost, thermal.ripening * MATURE_GREEN),
    end,
  }
}

/** Of the way from flower to ripe fruit that the oldest truss has come. */
const RIPENED: Record<Carries, number> = { nothing: 0, flowers: 0, green: GREEN, ripe: 1 }

/** The day on which a flower opened that had come so many °C d further by a day; not before the first. */
function openedBefore(running: Float64Array, day: number, sum: number, first: number): number {
  let opened = Math.min(day, running.length - 1)
  while (opened > Math.max(0, first) && running[day]! - running[opened]! < sum) opened--
  return opened
}

/** °C d that even the oldest plant wants in the ground before it flowers †. */
const LEAST_TO_FLOWER = 60
