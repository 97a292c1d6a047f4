import { isDeepStrictEqual } from 'node:util'
import type { IsoDate } from '../core/calendar'
import type { Planting } from '../core/facts'
import { effectiveEntries, entriesAbout } from '../core/entry'
import type { LogEntry } from '../core/log'
import { standsOf } from '../core/season'
import type { ReadLog, LineFault as ReadFault } from './log-reading'
import { closedBy } from './closed-by'
import { write } from './database'
import { currentGarden } from './gardens'
import { todayIn } from './garden-row'
import { knownSubjects } from './log-subjects'
import { implausibleIn, plantCounts } from './picking-problem'
import { type ArchivedSeason, archiveRecord } from './records/archived-season'
import { entryRecord } from './records/entry'
import { plantingRecord } from './records/planting'

type FaultInGarden =
  | { kind: 'other-content' | 'to-come' | 'unknown-subject' | 'picked-too-soon' | 'weight' | 'takes-nothing' }
  | { kind: 'closed'; season: number; through: IsoDate }

/** A line that cannot be taken into this garden, and why. */
export type LineFault = ReadFault | ({ line: number } & FaultInGarden)

/** What bringing a file of entries in came to: how many were new; or the first lines that cannot be taken. */
export type Imported =
  | { ok: true; taken: number; known: number }
  /** `more`: how many further lines cannot be; `good`: how many could be taken without them. */
  | { ok: false; faults: LineFault[]; more: number; good: number }
  | { ok: false; problem: 'no-garden' }

const MOST_TOLD = 20

/**
 * Adds the entries of a file that are not there yet. Where a line is at fault nothing is taken, unless the good ones
 * are asked for.
 */
export async function importEntries(read: ReadLog, onlyGood: boolean): Promise<Imported> {
  return write(async (tx): Promise<Imported> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, problem: 'no-garden' }
    const now = todayIn(garden)
    const there = new Map((await entryRecord.of(garden.id, tx)).map((entry) => [entry.id, entry]))
    const subjects = await knownSubjects(
      tx,
      garden.id,
      read.entries.map(({ entry }) => entry.subject),
    )
    const archive = await archiveRecord.of(garden.id, tx)
    const counts = await plantCounts(tx, garden.id)
    const stood = firstStood(
      await plantingRecord.of(garden.id, tx),
      effectiveEntries([...there.values(), ...read.entries.map(({ entry }) => entry)], now),
    )
    const faults: LineFault[] = [...read.faults]
    const fresh: LogEntry[] = []
    let known = 0
    for (const { line, entry } of read.entries) {
      const before = there.get(entry.id)
      const fault = before
        ? isDeepStrictEqual(before, entry)
          ? null
          : ({ kind: 'other-content' } as const)
        : faultOf(entry, { now, archive, subjects, stood, counts, there })
      if (fault) faults.push({ line, ...fault })
      else if (before) known++
      else {
        fresh.push(entry)
        there.set(entry.id, entry)
      }
    }
    if (faults.length > 0 && !(onlyGood && fresh.length > 0)) {
      const told = faults.sort((a, b) => a.line - b.line).slice(0, MOST_TOLD)
      return { ok: false, faults: told, more: faults.length - told.length, good: fresh.length }
    }
    await entryRecord.insert(tx, garden.id, fresh)
    return { ok: true, taken: fresh.length, known }
  })
}

/** Why a new entry cannot be taken; null: it can. */
function faultOf(
  entry: LogEntry,
  known: {
    now: IsoDate
    archive: readonly ArchivedSeason[]
    subjects: Awaited<ReturnType<typeof knownSubjects>>
    stood: ReadonlyMap<string, IsoDate>
    counts: ReadonlyMap<string, number>
    there: ReadonlyMap<string, LogEntry>
  },
): FaultInGarden | null {
  const { now, archive, subjects, stood, counts, there } = known
  if (entry.on > now) return { kind: 'to-come' }
  if (!subjects[entry.subject.type].has(entry.subject.id)) return { kind: 'unknown-subject' }
  const voided = entry.voids === null ? null : there.get(entry.voids)
  const closed = closedBy(archive, entry.on) ?? (voided ? closedBy(archive, voided.on) : null)
  if (closed) return { kind: 'closed', season: closed.season, through: closed.through }
  if (isPickedTooSoon(entry, stood)) return { kind: 'picked-too-soon' }
  if (implausibleIn(entry, counts) !== null) return { kind: 'weight' }
  if (voided === undefined) return { kind: 'takes-nothing' }
  return null
}

/** The first day on which each planting stood where it grows. */
const firstStood = (plantings: readonly Planting[], counted: readonly LogEntry[]): Map<string, IsoDate> =>
  new Map(
    plantings.flatMap((planting) => {
      const stood = standsOf(planting, entriesAbout(counted, { type: 'planting', id: planting.id }))
      return stood ? [[planting.id, stood.from] as const] : []
    }),
  )

const isPickedTooSoon = ({ kind, subject, on }: LogEntry, stood: ReadonlyMap<string, IsoDate>): boolean =>
  kind === 'picked' && subject.type === 'planting' && (stood.get(subject.id) ?? '9999') > on
