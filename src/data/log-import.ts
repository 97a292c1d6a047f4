import { isDeepStrictEqual } from 'node:util'
import type { IsoDate } from '../core/calendar'
import { effectiveEntries, type LogEntry } from '../core/facts'
import { archiveOf, closedBy, type ArchivedSeason } from './archive'
import { write } from './database'
import { currentGarden, todayIn } from './gardens'
import { insertEntries, logOf } from './log'
import { knownSubjects } from './log-subjects'
import { implausibleIn, plantCounts } from './picking-problem'

/** What bringing a file of entries in came to: how many were new; or the lines that cannot be taken. */
export type Imported =
  | { ok: true; taken: number; known: number }
  | { ok: false; faults: { line: number; why: string }[]; good: number }

/**
 * Adds the entries of a file that are not there yet. Where a line is at fault nothing is taken, unless the good ones
 * are asked for.
 */
export async function importEntries(
  read: { entries: { line: number; entry: LogEntry }[]; faults: { line: number; why: string }[] },
  onlyGood: boolean,
): Promise<Imported> {
  return write(async (tx): Promise<Imported> => {
    const garden = await currentGarden(tx)
    if (!garden)
      return { ok: false, faults: [{ line: 1, why: 'There is no garden yet: make one first.' }], good: 0 }
    const now = todayIn(garden)
    const there = new Map((await logOf(garden.id, tx)).map((entry) => [entry.id, entry]))
    const subjects = await knownSubjects(
      tx,
      garden.id,
      read.entries.map(({ entry }) => entry.subject),
    )
    const archive = await archiveOf(garden.id, tx)
    const counts = await plantCounts(tx, garden.id)
    const stood = firstStood(
      effectiveEntries([...there.values(), ...read.entries.map(({ entry }) => entry)], now),
    )
    const faults = [...read.faults]
    const fresh: LogEntry[] = []
    let known = 0
    for (const { line, entry } of read.entries) {
      const before = there.get(entry.id)
      const why = before
        ? isDeepStrictEqual(before, entry)
          ? null
          : 'Another entry has this id and says something else.'
        : faultOf(entry, { now, archive, subjects, stood, counts, there })
      if (why !== null) faults.push({ line, why })
      else if (before) known++
      else {
        fresh.push(entry)
        there.set(entry.id, entry)
      }
    }
    if (faults.length > 0 && !onlyGood)
      return { ok: false, faults: faults.sort((a, b) => a.line - b.line), good: fresh.length }
    await insertEntries(tx, garden.id, fresh)
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
): string | null {
  const { now, archive, subjects, stood, counts, there } = known
  if (entry.on > now) return 'Its day has not come yet.'
  if (!subjects[entry.subject.type].has(entry.subject.id)) return 'What it is about is not in this garden.'
  const voided = entry.voids === null ? null : there.get(entry.voids)
  const closed = closedBy(archive, entry.on) ?? (voided ? closedBy(archive, voided.on) : null)
  if (closed) return `Season ${closed.season} is archived: its log is closed through ${closed.through}.`
  if (isPickedTooSoon(entry, stood)) return 'Nothing of that planting stood in the ground by that day.'
  if (implausibleIn(entry, counts) !== null) return 'The weight cannot be: check it and its unit.'
  if (voided === undefined) return 'It takes back an entry that is not there.'
  return null
}

/** The first day on which each planting was set out or came up. */
function firstStood(entries: readonly LogEntry[]): Map<string, IsoDate> {
  const first = new Map<string, IsoDate>()
  for (const { kind, subject, on } of entries) {
    if (kind !== 'set-out' && kind !== 'emerged') continue
    const before = first.get(subject.id)
    if (before === undefined || on < before) first.set(subject.id, on)
  }
  return first
}

const isPickedTooSoon = ({ kind, subject, on }: LogEntry, stood: ReadonlyMap<string, IsoDate>): boolean =>
  kind === 'picked' && subject.type === 'planting' && (stood.get(subject.id) ?? '9999') > on
