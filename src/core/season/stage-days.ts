import {
  dayReached,
  RIPENED,
  isBush,
  lastDayToReach,
  thermalTraits,
  type Crop,
  type Cultivar,
  type SetOutLevel,
  type ThermalTraits,
} from '../crop'
import type { AnyEntry } from '../entry'
import type { Planting, RaisingWay } from '../facts'
import type { HarvestEntries } from '../harvest'
import type { StageEntries } from './entries'
import { MATURE_GREEN } from './last-useful-flower'
import { biasOn, daysMoved, type DateBias } from './date-bias'
import { wasHardened } from './hardening'
import { metIn, type PlantMet } from './met'
import { STAGES, type Stage, type StageDays } from './stages'
import { raisedDays, type Raised } from './raised-days'
import type { Year } from './year'
import type { IsoDate } from '../calendar'

/** What of a planting is decided, as days from the season's start: the same in every year that it is dated in. */
export interface StagePlan {
  cultivar: Cultivar
  thermal: ThermalTraits
  /** How warm it is to be when it goes out. */
  level: SetOutLevel
  raising: RaisingWay
  logged: Partial<Record<Stage, number>>
  hardened: boolean
  /** What was not raised here, with the day it was met. */
  met: (PlantMet & { day: number }) | null
  plannedSow: number | null
  plannedSetOut: number | null
  /** What was not done by today is done today at the earliest. */
  today: number
  /** By what of its garden's own record its dates are moved. */
  biases: readonly DateBias[]
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
 * The entries that dates follow from: the first of each stage of each planting, its days of hardening off, and every
 * reading of the soil.
 *
 * @param entries that count, oldest first
 */
export function datingEntries<One extends AnyEntry>(entries: readonly One[]): One[] {
  const begun = new Set<string>()
  return entries.filter(({ kind, subject }) => {
    // Days of hardening off are counted.
    if (kind === 'soil-read' || kind === 'hardened') return true
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
  level: SetOutLevel = 'may',
  biases: readonly DateBias[] = [],
): StagePlan {
  const thermal = thermalTraits(cultivar)
  // What can be picked green is picked green first.
  const pick = thermal.toGreen === null ? 'first-ripe' : 'first-green'
  const logged: StagePlan['logged'] = {}
  for (const [stage, kind] of Object.entries(MARKED_BY)) {
    const first = entries.find((entry) => entry.kind === kind)
    if (first) logged[stage === 'first-ripe' ? pick : (stage as Stage)] = day(first.on)
  }
  const planned = (date: IsoDate | null) => (date === null ? null : day(date))
  const met = metIn(entries, cultivar)
  return {
    cultivar,
    thermal,
    level,
    raising: planting.raising,
    logged,
    hardened: logged['set-out'] === undefined || met?.as === 'growing' || wasHardened(entries),
    met: met && { ...met, day: day(met.on) },
    plannedSow: planned(planting.plannedSow),
    plannedSetOut: planned(planting.plannedSetOut),
    today: day(today),
    biases,
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

/**
 * † °C d over which a bush opens its flowers; and after its first ripe fruit a vine picks the most. Against: a
 * bush’s four to six weeks.
 */
const BUSH_BLOOM = 230
const VINE_PEAK: Record<Crop, number> = { tomato: 400, pepper: 300 }
/** A determinate bears for 4–6 weeks and is done, d. */
export const BEARING_DAYS = 35
/**
 * † °C d over which a determinate ripens what it has; others bear until the frost. Against: a bush’s four to
 * six weeks of bearing.
 */
export const bearingSum = ({ crop, habit }: Pick<Cultivar, 'crop' | 'habit'>): number =>
  crop === 'tomato' && habit === 'determinate' ? 540 : Infinity

/**
 * The days of a planting's stages in one year: what is logged stands, what is meant is kept as far as the year
 * allows, the rest follows from the weather.
 *
 * @param taken what is taken for the year's turning days; its own unless said
 */
export function stageDays(plan: StagePlan, year: Year, taken?: TurningDays): StageDays {
  const { cultivar, logged } = plan
  const raised = raisedDays(plan, year, taken)
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
  const last = taken ? taken.frost : year.firstFrost
  for (const stage of STAGES) {
    const day = logged[stage] ?? found[stage]
    found[stage] = day === null || logged[stage] !== undefined ? day : moved(plan, stage, day, last)
  }
  return found
}

/** A stage's day as the garden's own record moves it; null: the frost comes before. */
function moved({ biases, cultivar, today }: StagePlan, stage: Stage, day: number, frost: number | null) {
  const bias = biasOn(biases, stage, cultivar.crop)
  if (bias === null) return day
  const to = day + daysMoved(bias, day - today)
  return frost !== null && to > frost ? null : to
}

type Grown = Pick<
  StageDays,
  'first-flower' | 'first-green' | 'first-ripe' | 'peak' | 'last-flower-ripe' | 'last-flower-green' | 'end'
>

/** Everything in the ground goes by thermal time, up to the frost. */
function growing(
  { cultivar, thermal, logged, met }: StagePlan,
  year: Year,
  frost: number | null,
  { starts, grown, check }: Raised,
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
      : after(starts, Math.max(LEAST_TO_FLOWER, thermal.fromEmergence - grown + check)))
  const ripe = logged['first-ripe'] ?? (seen?.carries === 'ripe' ? seen.day : after(flower, thermal.ripening))
  const bush = isBush(cultivar)
  const determinate = cultivar.crop === 'tomato' && cultivar.habit === 'determinate'
  const done = determinate && ripe !== null ? ripe + BEARING_DAYS : null
  const end = done === null ? frost : frost === null ? done : Math.min(done, frost)
  const peak = after(ripe, bush ? BUSH_BLOOM / 2 : VINE_PEAK[cultivar.crop])
  return {
    'first-flower': flower,
    'first-green': thermal.toGreen === null ? null : after(flower, thermal.toGreen),
    'first-ripe': ripe,
    // A short season ends before the plant is at its best: half of what is left then.
    peak: ripe === null ? null : (peak ?? (end === null ? null : Math.round((ripe + end) / 2))),
    'last-flower-ripe': frost === null ? null : lastDayToReach(running, frost, thermal.ripening),
    'last-flower-green':
      frost === null ? null : lastDayToReach(running, frost, thermal.ripening * MATURE_GREEN),
    end,
  }
}

/** The day on which a flower opened that had come so many °C d further by a day; not before the first. */
function openedBefore(running: Float64Array, day: number, sum: number, first: number): number {
  let opened = Math.min(day, running.length - 1)
  while (opened > Math.max(0, first) && running[day]! - running[opened]! < sum) opened--
  return opened
}

/** °C d that even the oldest plant wants in the ground before it flowers. */
const LEAST_TO_FLOWER = 60
