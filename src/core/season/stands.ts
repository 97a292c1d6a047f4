import type { IsoDate } from '../calendar'
import { indexOf, type DailySeries } from '../climate'
import { raisedDay, runningDegreeDays, STANDARD_GROWTH, transplantCheck, type Cultivar } from '../crop'
import type { AnyEntry } from '../entry'
import type { Planting } from '../facts'
import { stageEntries, type StageEntries } from './entries'
import type { StagePlan } from './stage-days'
import type { Stage } from './stages'

/** From the day a planting stood where it grows to the day it was cleared; null: it still stands. */
export interface Stands {
  from: IsoDate
  to: IsoDate | null
}

/** Meant; sown or in trays; standing where it grows; cleared. */
export type Phase = 'planned' | 'raising' | 'standing' | 'over'

type Raised = Pick<Planting, 'raising'>

/** The stage with which a planting stands where it grows: what was sown there, when it comes up. */
export const standsFrom = ({ raising }: Raised): Extract<Stage, 'emerge' | 'set-out'> =>
  raising === 'direct' ? 'emerge' : 'set-out'

/**
 * When a planting stood.
 *
 * @param entries of the planting that count, oldest first
 * @returns null while it was neither set out nor, sown where it grows, came up
 */
export function standsOf({ raising }: Raised, entries: readonly AnyEntry[]): Stands | null {
  const began = entries.find(({ kind }) => kind === 'set-out' || (raising === 'direct' && kind === 'emerged'))
  if (!began) return null
  return { from: began.on, to: stageEntries(entries, 'cleared')[0]?.on ?? null }
}

/** The first day from which its water and feed are told: it stood before that where it grew already when it was met. */
export function toldFrom({ stands, entries }: { stands: Stands; entries: readonly AnyEntry[] }): IsoDate {
  const met = stageEntries(entries, 'met').findLast(({ data }) => data.as === 'growing')
  return met && met.on > stands.from ? met.on : stands.from
}

/** How far a planting has come; `entries` as for {@link standsOf}. */
export function phaseOf(planting: Raised, entries: readonly AnyEntry[]): Phase {
  const has = (...kinds: (keyof StageEntries)[]) =>
    entries.some(({ kind }) => (kinds as string[]).includes(kind))
  if (has('cleared')) return 'over'
  if (standsOf(planting, entries)) return 'standing'
  return has('sown', 'emerged', 'potted-up', 'hardened', 'met') ? 'raising' : 'planned'
}

/**
 * °C d by which a planting has grown where it stands, by the morning of any day of its air, counted as a usual plant
 * counts from its setting out; 0 before.
 *
 * @throws RangeError when it never stood
 */
export function growthOf(own: Growing & { stands: Stands | null }): (index: number) => number {
  if (own.stands === null) throw new RangeError('stands must be a span, not null: the planting never stood')
  return growthFrom(own, own.stands.from)
}

interface Growing {
  planting: Raised
  cultivar: Pick<Cultivar, 'crop'>
  air: DailySeries
  /** With what was found of plants that were not raised here. */
  plan?: Pick<StagePlan, 'met'>
}

/** As {@link growthOf}, of a planting that stands or is to stand from a day on. */
export function growthFrom(
  { planting, cultivar, air, plan }: Growing,
  from: IsoDate,
): (index: number) => number {
  const running = runningDegreeDays(air, cultivar.crop)
  // What came through from before the line begins has grown since its first day at least.
  const began = Math.max(0, indexOf(air, from))
  // Seed that grows where it lies has yet to become what is planted out, and loses nothing by it.
  const { crop } = cultivar
  const ahead = planting.raising === 'direct' ? transplantCheck(crop) - STANDARD_GROWTH[crop] : 0
  const at = (index: number) => running[Math.min(Math.max(index, began), air.days)]!
  const met = plan?.met ?? null
  const further = met === null || met.growth === null ? 0 : furtherOn(met.growth, met.on)
  return (index) => Math.max(0, at(index) - at(began) + ahead + further)

  /** What they had grown beyond a usual plant, by their size when they were met. */
  function furtherOn(growth: number, on: IsoDate): number {
    const inPot = Math.max(0, began - indexOf(air, on)) * raisedDay(crop).degreeDays
    return growth + inPot - STANDARD_GROWTH[crop] - (at(indexOf(air, on)) - at(began))
  }
}
