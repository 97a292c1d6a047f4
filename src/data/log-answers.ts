import { ValidationError } from 'yup'
import type { Doubt } from '../core/entry-check'
import type { Actor, Manner } from '../core/facts'
import type { EntryKind, LogEntry } from '../core/log'
import type { Result } from '../core/result'
import type { ArchivedSeason } from './records/archived-season'
import { entrySchema } from './records/entry-schema'

/** What came of writing to the log: done; or refused; or hard to believe, in the garden's manner. */
export type Written = Result<{ kind: EntryKind | null }> | { ok: false; doubt: Doubt; manner: Manner }

/** The entry that takes another back. */
export const voidOf = ({ id, subject, on }: LogEntry, voidId: string, at: string, actor: Actor): LogEntry =>
  entrySchema.validateSync({
    id: String(voidId),
    subject,
    kind: 'void',
    on,
    at,
    data: {},
    note: '',
    voids: id,
    ...signed(actor),
  }) as unknown as LogEntry

/** The name that an entry bears. */
export const signed = ({ name }: Actor) => (name === null ? {} : { by: name })

/** Whether someone may take an entry back or correct it. */
export const isFree = (entry: LogEntry, { name, role }: Actor) => role === 'keeper' || entry.by === name

export const OWN_ONLY =
  'Someone else entered that, and you can only change your own entries. Ask a keeper of the garden.'

export const sayClosed = ({ season, through }: ArchivedSeason) =>
  `Season ${season} is archived, and its log is closed through ${through}. Nothing was changed. Open it again first, in the Basket under Seasons.`

export const refused = (message: string): Written => ({ ok: false, message })

export async function answered(work: () => Promise<Written>): Promise<Written> {
  try {
    return await work()
  } catch (error) {
    return refusedBy(error)
  }
}

/** What is not sound is refused with its fault. @throws the error itself where that is not the matter */
export function refusedBy(error: unknown): Written {
  if (error instanceof ValidationError) return refused(`Nothing was saved: ${error.errors[0]}.`)
  throw error
}
