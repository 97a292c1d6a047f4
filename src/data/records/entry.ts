import { asc, eq, sql } from 'drizzle-orm'
import { check, index, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { EntryKind, LogEntry } from '../../core/log'
import { entrySchema } from './entry-schema'
import { date, id } from './fields'
import { gardenId } from './garden'
import { inPortions, record } from './record'

/** Append-only; `data` as its kind wants it, `voids` the entry that it takes back. */
export const logEntry = sqliteTable(
  'log_entry',
  {
    id: id(),
    gardenId: gardenId(),
    subjectType: text().$type<'garden' | 'place' | 'planting' | 'plant'>().notNull(),
    subjectId: text().notNull(),
    kind: text().$type<EntryKind>().notNull(),
    on: date().notNull(),
    at: text().notNull(),
    data: text({ mode: 'json' }).$type<Record<string, unknown>>().notNull(),
    note: text().notNull(),
    voids: text(),
    by: text(),
  },
  (table) => [
    index('log_by_day').on(table.gardenId, table.on),
    index('log_by_subject').on(table.gardenId, table.subjectType, table.subjectId),
    index('log_by_entry').on(table.gardenId, table.at),
    check('data_is_json', sql`json_valid(${table.data})`),
  ],
)

type Row = typeof logEntry.$inferSelect

export function toEntry({ subjectType, subjectId, gardenId: _, by, ...row }: Row): LogEntry {
  return { ...row, subject: { type: subjectType, id: subjectId }, ...named(by) } as LogEntry
}

const named = (by: string | null) => (by === null ? {} : { by })

function toRow({ subject, ...entry }: LogEntry, gardenId: string): Row {
  return {
    ...entry,
    gardenId,
    subjectType: subject.type,
    subjectId: subject.id,
    data: { ...entry.data },
    by: entry.by ?? null,
  }
}

type PackedEntry = [
  id: string,
  subjectType: Row['subjectType'],
  subjectId: string,
  kind: Row['kind'],
  on: Row['on'],
  at: string,
  data: Row['data'],
  note: string,
  voids: string | null,
  by: string | null,
]

const unpacked = ([id, type, subjectId, kind, on, at, data, note, voids, by]: PackedEntry): LogEntry =>
  ({ id, kind, on, at, data, note, voids, subject: { type, id: subjectId }, ...named(by) }) as LogEntry

/** The log, oldest first. */
export const entryRecord = record<LogEntry>({
  name: 'entry',
  table: logEntry,
  row: entrySchema,
  most: 100_000,
  key: ['id'],
  order: [logEntry.on, logEntry.id],
  since: 1,
  versions: {},
  read: async (gardenId, db) => {
    const rows = db
      .select()
      .from(logEntry)
      .where(eq(logEntry.gardenId, gardenId))
      .orderBy(asc(logEntry.on), asc(logEntry.id))
      .as('rows')
    // As one value: a row at a time, a long log takes the client several times as long.
    const [found] = await db
      .select({
        all: sql<string>`json_group_array(json_array(${rows.id}, ${rows.subjectType}, ${rows.subjectId}, ${rows.kind}, ${rows.on}, ${rows.at}, json(${rows.data}), ${rows.note}, ${rows.voids}, ${rows.by}))`,
      })
      .from(rows)
    return (JSON.parse(found!.all) as PackedEntry[]).map(unpacked)
  },
  write: (tx, gardenId, rows: readonly LogEntry[]) =>
    inPortions(rows, (portion) => tx.insert(logEntry).values(portion.map((entry) => toRow(entry, gardenId)))),
})
