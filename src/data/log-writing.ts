import { isDeepStrictEqual } from 'node:util'
import { array } from 'yup'
import type { IsoDate } from '../core/calendar'
import { startOfSeason } from '../core/climate'
import { firstDoubt, type Doubt } from '../core/entry-check'
import { NAMELESS_KEEPER, type Actor } from '../core/facts'
import { effectiveEntries } from '../core/entry'
import type { EntryDraft, LogEntry } from '../core/log'
import { closedBy } from './closed-by'
import {
  answered,
  isFree,
  OWN_ONLY,
  refused,
  refusedBy,
  sayClosed,
  signed,
  voidOf,
  type Written,
} from './log-answers'
import { write, type Reader, type Writer } from './database'
import { entrySchema } from './records/entry-schema'
import { currentGarden } from './gardens'
import { mannerOf, normalsOf, todayIn } from './garden-row'
import { entriesOfAct, entriesOfSubject, findEntries, findEntry, isTaken, lastEntered } from './log'
import { knownSubjects } from './log-subjects'
import { movePhotos } from './photos'
import { pickingProblem } from './picking-problem'
import { placeRecord } from './records/place'
import { archiveRecord } from './records/archived-season'
import { normalRecord } from './records/normal'
import { plantingRecord } from './records/planting'
import { entryRecord } from './records/entry'
import type { GardenRow } from './records/garden'

const MOST_AT_ONCE = 500
const draftsSchema = array(entrySchema.omit(['at', 'voids', 'by']))
  .required()
  .min(1)
  .max(MOST_AT_ONCE)

/** What one act enters: all of its entries or none. `sure`: what is hard to believe was asked about, and is so. */
export interface EnteredAct {
  drafts: EntryDraft[]
  sure: boolean
}

/** Adds an act's entries to the log; answered only when they are durable. */
export const enterEntries = async (
  drafts: EntryDraft[],
  sure = false,
  actor: Actor = NAMELESS_KEEPER,
): Promise<Written> => (await enterActs([{ drafts, sure }], actor))[0]!

/**
 * Adds the entries of acts to the log, one act after the other, each as if it were alone; answered only when they are
 * durable.
 */
export async function enterActs(acts: readonly EnteredAct[], actor: Actor): Promise<Written[]> {
  const checked = await Promise.all(acts.map(({ drafts }) => soundOf(drafts)))
  if (checked.every((one) => 'ok' in one)) return checked.filter((one) => 'ok' in one)
  // As they follow each other they are told apart by their moments.
  const began = Date.now()
  return write(async (tx) => {
    const answers: Written[] = []
    for (const [at, one] of checked.entries()) {
      const moment = new Date(began + at).toISOString()
      const { sure } = acts[at]!
      answers.push(
        'ok' in one ? one : await answered(() => enterChecked(tx, { drafts: one, sure }, actor, moment)),
      )
    }
    return answers
  })
}

/** Drafts that are sound by themselves; or why they are not. */
async function soundOf(drafts: EntryDraft[]): Promise<EntryDraft[] | Written> {
  try {
    const sound = (await draftsSchema.validate(drafts, { strict: true })) as unknown as EntryDraft[]
    return sound.some(({ kind }) => kind === 'void') ? refused('Use Undo to undo an entry.') : sound
  } catch (error) {
    return refusedBy(error)
  }
}

/** Enters an act that is sound by itself: it is looked at whole before the first of it is written. */
async function enterChecked(
  tx: Writer,
  { drafts, sure }: EnteredAct,
  actor: Actor,
  at: string,
): Promise<Written> {
  const garden = await currentGarden(tx)
  if (!garden) return refused('You have no garden yet. Start one first.')
  const known = await knownBefore(tx, garden.id, drafts)
  if (known === 'other')
    return refused(
      'Something else was already saved with the same id. Nothing was saved now. Load the screen again.',
    )
  if (known === 'same') return { ok: true, kind: drafts[0]!.kind }
  const now = todayIn(garden)
  if (drafts.some(({ on }) => on > now)) return refused('That day is still to come. Nothing was saved.')
  const archive = await archiveRecord.of(garden.id, tx)
  const closed = drafts.map(({ on }) => closedBy(archive, on)).find((season) => season !== null)
  if (closed) return refused(sayClosed(closed))
  if (!(await subjectsExist(tx, garden.id, drafts)))
    return refused('What this is about is gone. Nothing was saved. Load the screen again.')
  const wrong = await pickingProblem(tx, garden.id, drafts)
  if (wrong !== null) return refused(wrong)
  const doubt = await doubtAbout(tx, garden, drafts, sure)
  if (doubt) return { ok: false, doubt, manner: mannerOf(garden) }
  const entries = drafts.map((draft) => ({ ...draft, at, voids: null, ...signed(actor) }) as LogEntry)
  await entryRecord.insert(tx, garden.id, entries)
  return { ok: true, kind: drafts[0]!.kind }
}

/** Whether drafts are there already, from the same hand a moment before: all of them, none, or one as something else. */
async function knownBefore(
  tx: Reader,
  gardenId: string,
  drafts: readonly EntryDraft[],
): Promise<'same' | 'other' | 'none'> {
  const there = new Map(
    (
      await findEntries(
        drafts.map(({ id }) => id),
        tx,
      )
    ).map((found) => [found.entry.id, found]),
  )
  if (there.size === 0) return 'none'
  const isSame = drafts.every(({ id, subject, kind, on, data, note }) => {
    const found = there.get(id)
    if (found?.gardenId !== gardenId) return false
    const { entry } = found
    // As it comes back from the database: what is not told is not there.
    return isDeepStrictEqual(JSON.parse(JSON.stringify({ subject, kind, on, data, note })), {
      subject: entry.subject,
      kind: entry.kind,
      on: entry.on,
      data: entry.data,
      note: entry.note,
    })
  })
  return isSame ? 'same' : 'other'
}

/** The first doubt about drafts, each held against the log and the drafts before it. */
async function doubtAbout(
  tx: Reader,
  garden: GardenRow,
  drafts: readonly EntryDraft[],
  sure: boolean,
  without?: string,
): Promise<Doubt | null> {
  const normals = normalsOf(await normalRecord.of(garden.id, tx))
  const places = new Map((await placeRecord.of(garden.id, tx)).map((place) => [place.id, place]))
  const plantings = new Map((await plantingRecord.of(garden.id, tx)).map((one) => [one.id, one]))
  const logged = new Map<string, LogEntry[]>()
  for (const { subject } of drafts) {
    if (subject.type !== 'planting' || logged.has(subject.id)) continue
    const own = effectiveEntries(await entriesOfSubject(garden.id, subject, tx), END)
    logged.set(
      subject.id,
      own.filter(({ id }) => id !== without),
    )
  }
  return firstDoubt(
    drafts,
    {
      place: (id) => places.get(id),
      planting: (id) => plantings.get(id),
      entriesOf: (id) => logged.get(id) ?? [],
      seasonStart: (season) => startOfSeason(normals, season),
    },
    sure,
  )
}
const END = '2400-12-31' as IsoDate

/**
 * Takes back what one act entered: that of the entry named, or of the one entered last. With `alone`, only the entry
 * itself. Who has a name takes back what was entered last under it; a helper nothing else.
 */
export async function undoAct(
  voiding: { id: string; entry?: string; alone?: boolean },
  actor: Actor = NAMELESS_KEEPER,
): Promise<Written> {
  return answered(() =>
    write(async (tx) => {
      const garden = await currentGarden(tx)
      if (!garden) return refused('You have no garden yet.')
      // Sent again after it was answered: it is done already.
      if (await findEntry(garden.id, String(voiding.id), tx)) return { ok: true, kind: null }
      const named =
        voiding.entry === undefined
          ? await lastEntered(garden.id, tx, actor.name)
          : await findEntry(garden.id, String(voiding.entry), tx)
      if (!named) return refused('There is nothing to undo.')
      const together = await entriesOfAct(garden.id, named.id, tx)
      if (voiding.alone ? await isTaken(garden.id, named.id, tx) : together.length === 0)
        return refused('That is already undone.')
      const taken = voiding.alone ? [named] : together
      if (!taken.every((entry) => isFree(entry, actor))) return refused(OWN_ONLY)
      const archive = await archiveRecord.of(garden.id, tx)
      const closed = taken.map(({ on }) => closedBy(archive, on)).find((season) => season !== null)
      if (closed) return refused(sayClosed(closed))
      const at = new Date().toISOString()
      await entryRecord.insert(
        tx,
        garden.id,
        taken.map((entry, index) =>
          voidOf(entry, index === 0 ? voiding.id : `${voiding.id}.${index + 1}`, at, actor),
        ),
      )
      return { ok: true, kind: named.kind }
    }),
  )
}

async function subjectsExist(tx: Reader, gardenId: string, drafts: readonly EntryDraft[]): Promise<boolean> {
  const known = await knownSubjects(
    tx,
    gardenId,
    drafts.map(({ subject }) => subject),
  )
  return drafts.every(({ subject }) => known[subject.type].has(subject.id))
}

/**
 * Takes an entry back and enters what it should have been, in one: the log keeps both.
 *
 * @param sure what is hard to believe was asked about, and is so
 */
export async function correctEntry(
  entry: string,
  draft: EntryDraft,
  voidId: string,
  sure = false,
  actor: Actor = NAMELESS_KEEPER,
): Promise<Written> {
  return answered(async () => {
    const [checked] = (await draftsSchema.validate([draft], { strict: true })) as unknown as EntryDraft[]
    return write(async (tx) => {
      const garden = await currentGarden(tx)
      if (!garden) return refused('You have no garden yet.')
      const before = await findEntry(garden.id, String(entry), tx)
      if (!before || before.kind !== checked!.kind)
        return refused('That entry is gone. Load the screen again.')
      if (await isTaken(garden.id, before.id, tx))
        return refused('Someone undid that entry, so nothing was changed.')
      if (!isFree(before, actor)) return refused(OWN_ONLY)
      if (checked!.on > todayIn(garden)) return refused('That day is still to come. Nothing was changed.')
      const archive = await archiveRecord.of(garden.id, tx)
      const closed = closedBy(archive, before.on) ?? closedBy(archive, checked!.on)
      if (closed) return refused(sayClosed(closed))
      const righted = { ...checked!, subject: before.subject } as EntryDraft
      const wrong = await pickingProblem(tx, garden.id, [righted])
      if (wrong !== null) return refused(wrong)
      const doubt = await doubtAbout(tx, garden, [righted], sure, before.id)
      if (doubt) return { ok: false, doubt, manner: mannerOf(garden) }
      await replaceEntry(tx, garden.id, before, righted, { voidId, actor })
      return { ok: true, kind: before.kind }
    })
  })
}

async function replaceEntry(
  tx: Writer,
  gardenId: string,
  before: LogEntry,
  righted: EntryDraft,
  { voidId, actor }: { voidId: string; actor: Actor },
): Promise<void> {
  const at = new Date().toISOString()
  await entryRecord.insert(tx, gardenId, [
    voidOf(before, voidId, at, actor),
    { ...righted, at, voids: null, ...signed(actor) } as LogEntry,
  ])
  await movePhotos(tx, gardenId, before.id, righted.id)
}
