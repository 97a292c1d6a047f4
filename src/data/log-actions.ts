'use server'

import { revalidatePath } from 'next/cache'
import { array, ValidationError } from 'yup'
import type { IsoDate } from '../core/calendar'
import type { EntryKind, LogEntry } from '../core/facts'
import { closedThrough } from './archive'
import { write, type Reader } from './database'
import { entrySchema } from './entry-schema'
import { currentGarden, todayIn } from './gardens'
import { entriesOfAct, findEntry, insertEntries, isTaken, lastEntered } from './log'
import { knownSubjects } from './log-subjects'
import { movePhotos } from './photos'
import { pickingProblem } from './picking-problem'

/** An entry as a hand sends it: the id made there, so that sending it twice is harmless. */
export type EntryDraft = Omit<LogEntry, 'at' | 'voids'>

export type Entered = { ok: true; kind: EntryKind | null } | { ok: false; message: string }

const MOST_AT_ONCE = 500
const draftsSchema = array(entrySchema.omit(['at', 'voids']))
  .required()
  .min(1)
  .max(MOST_AT_ONCE)

/** Adds entries to the log; answered only when they are durable. All of them, or none. */
export async function enter(drafts: EntryDraft[]): Promise<Entered> {
  return answered(async () => {
    const checked = (await draftsSchema.validate(drafts, { strict: true })) as unknown as EntryDraft[]
    return write(async (tx) => {
      const garden = await currentGarden(tx)
      if (!garden) return refused('There is no garden yet: make one first.')
      const now = todayIn(garden)
      if (checked.some(({ on }) => on > now))
        return refused('That day has not come yet: nothing was entered.')
      const closed = await closedThrough(garden.id, tx)
      if (checked.some(({ on }) => isClosed(on, closed))) return refused(sayClosed(closed!))
      if (!(await subjectsExist(tx, garden.id, checked)))
        return refused('What this is about is no longer there: nothing was entered. Load the screen again.')
      const wrong = await pickingProblem(tx, garden.id, checked)
      if (wrong !== null) return refused(wrong)
      const at = new Date().toISOString()
      await insertEntries(
        tx,
        garden.id,
        checked.map((draft) => ({ ...draft, at, voids: null }) as LogEntry),
      )
      return { ok: true, kind: checked[0]!.kind }
    })
  })
}

/**
 * Takes back what one act entered: that of the entry named, or of the one entered last. With `alone`, only the entry
 * itself.
 */
export async function undo(voiding: { id: string; entry?: string; alone?: boolean }): Promise<Entered> {
  return answered(() =>
    write(async (tx) => {
      const garden = await currentGarden(tx)
      if (!garden) return refused('There is no garden yet.')
      // Sent again after it was answered: it is done already.
      if (await findEntry(garden.id, String(voiding.id), tx)) return { ok: true, kind: null }
      const named =
        voiding.entry === undefined
          ? await lastEntered(garden.id, tx)
          : await findEntry(garden.id, String(voiding.entry), tx)
      if (!named) return refused('There is nothing to take back.')
      const together = await entriesOfAct(garden.id, named.id, tx)
      const taken = voiding.alone ? [named] : together
      const closed = await closedThrough(garden.id, tx)
      if (taken.some(({ on }) => isClosed(on, closed))) return refused(sayClosed(closed!))
      const at = new Date().toISOString()
      await insertEntries(
        tx,
        garden.id,
        taken.map((entry, index) =>
          voidOf(entry, index === 0 ? voiding.id : `${voiding.id}.${index + 1}`, at),
        ),
      )
      return { ok: true, kind: named.kind }
    }),
  )
}

/** The entry that takes another back. */
const voidOf = ({ id, subject, on }: LogEntry, voidId: string, at: string): LogEntry =>
  entrySchema.validateSync({
    id: String(voidId),
    subject,
    kind: 'void',
    on,
    at,
    data: {},
    note: '',
    voids: id,
  }) as unknown as LogEntry

const isClosed = (on: IsoDate, closed: IsoDate | null) => closed !== null && on <= closed
const sayClosed = (closed: IsoDate) =>
  `The log is closed through ${closed}: that season was put away. Nothing was changed. Open it again first, in the Basket under Seasons.`

const refused = (message: string): Entered => ({ ok: false, message })

async function answered(work: () => Promise<Entered>): Promise<Entered> {
  try {
    const result = await work()
    if (result.ok) revalidatePath('/', 'layout')
    return result
  } catch (error) {
    if (error instanceof ValidationError) return refused(`Nothing was entered: ${error.errors[0]}.`)
    throw error
  }
}

async function subjectsExist(tx: Reader, gardenId: string, drafts: readonly EntryDraft[]): Promise<boolean> {
  const known = await knownSubjects(
    tx,
    gardenId,
    drafts.map(({ subject }) => subject),
  )
  return drafts.every(({ subject }) => known[subject.type].has(subject.id))
}

/** Takes an entry back and enters what it should have been, in one: the log keeps both. */
export async function correct(entry: string, draft: EntryDraft, voidId: string): Promise<Entered> {
  return answered(async () => {
    const [checked] = (await draftsSchema.validate([draft], { strict: true })) as unknown as EntryDraft[]
    return write(async (tx) => {
      const garden = await currentGarden(tx)
      if (!garden) return refused('There is no garden yet.')
      const before = await findEntry(garden.id, String(entry), tx)
      if (!before || before.kind !== checked!.kind)
        return refused('That entry is no longer there: load the screen again.')
      if (await isTaken(garden.id, before.id, tx))
        return refused('That entry was taken back meanwhile: nothing was changed.')
      if (checked!.on > todayIn(garden)) return refused('That day has not come yet: nothing was changed.')
      const wrong = await pickingProblem(tx, garden.id, [
        { ...checked!, subject: before.subject } as EntryDraft,
      ])
      if (wrong !== null) return refused(wrong)
      const at = new Date().toISOString()
      await insertEntries(tx, garden.id, [
        voidOf(before, voidId, at),
        { ...checked!, subject: before.subject, at, voids: null } as LogEntry,
      ])
      await movePhotos(tx, garden.id, before.id, checked!.id)
      return { ok: true, kind: before.kind }
    })
  })
}
