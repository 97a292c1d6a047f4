import { asc, eq, inArray } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { AnyObjectSchema } from 'yup'
import { breathe, reader, type Reader, type Writer } from '../database'

/** A row as an older version wrote it: nothing is known of it. */
export type LooseRow = Record<string, unknown>

/** What a record is: all that is said of it anywhere. */
interface Definition {
  /** One of its rows, in words. */
  name: string
  table: SQLiteTable
  /** A row, with its bounds. */
  row: AnyObjectSchema
  /** Rows of one garden, at the most. */
  most: number
  /** As many as that, always. */
  exactly?: true
  /** What tells one row from another. */
  key: readonly string[]
  /** The record whose rows its own belong to, by the field that names them; without it they belong to the garden. */
  owner?: { field: string; table: SQLiteTable }
  /** Fields that name a row of another record, by that record's name. */
  references?: Readonly<Record<string, string>>
  order: readonly SQLiteColumn[]
  /** The version of the garden file that knew it first. */
  since: number
  /** What each version changed of a row, by the version that it leads to. */
  versions: Readonly<Record<number, (row: LooseRow) => LooseRow>>
  /** Its own way to be read or written, where rows travel otherwise than a row at a time. */
  read?: (gardenId: string, db: Reader) => Promise<unknown[]>
  write?: (tx: Writer, gardenId: string, rows: readonly never[]) => Promise<void>
}

/** A record: the one place where its table, its rows, their bounds, defaults and versions are told. */
export interface GardenRecord<Row> extends Omit<Definition, 'read' | 'write'> {
  /** All rows of a garden, in their order. */
  of: (gardenId: string, from?: Reader) => Promise<Row[]>
  /** How many rows a garden has. */
  count: (gardenId: string) => Promise<number>
  /** Adds rows, none of which is there yet. */
  insert: (tx: Writer, gardenId: string, rows: readonly Row[]) => Promise<void>
  /** Takes all rows of a garden away. */
  clear: (tx: Writer, gardenId: string) => Promise<void>
}

/** What a record's rows are. */
export type RowOf<Known> = Known extends GardenRecord<infer Row> ? Row : never

export function record<Row extends object>(definition: Definition): GardenRecord<Row> {
  const { table, owner } = definition
  const column = (of: SQLiteTable, field: string) =>
    (of as unknown as Record<string, SQLiteColumn | undefined>)[field]!
  const ofGarden = (gardenId: string, db: Pick<Reader, 'select'>) =>
    owner
      ? inArray(
          column(table, owner.field),
          db
            .select({ id: column(owner.table, 'id') })
            .from(owner.table)
            .where(eq(column(owner.table, 'gardenId'), gardenId)),
        )
      : eq(column(table, 'gardenId'), gardenId)
  return {
    ...definition,
    of: async (gardenId, from) => {
      const db = from ?? (await reader())
      if (definition.read) return (await definition.read(gardenId, db)) as Row[]
      const rows = await db
        .select()
        .from(table)
        .where(ofGarden(gardenId, db))
        .orderBy(...definition.order.map((by) => asc(by)))
      return (owner ? rows : rows.map((row) => withoutGarden(row as { gardenId: string }))) as Row[]
    },
    count: async (gardenId) => {
      const db = await reader()
      return db.$count(table, ofGarden(gardenId, db))
    },
    insert: (tx, gardenId, rows) =>
      definition.write
        ? definition.write(tx, gardenId, rows as readonly never[])
        : inPortions(rows, (portion) =>
            tx.insert(table).values(owner ? portion : portion.map((row) => ({ ...row, gardenId }))),
          ),
    clear: async (tx, gardenId) => {
      await tx.delete(table).where(ofGarden(gardenId, tx))
    },
  }
}

/** A row as the garden that it belongs to tells of it. */
export const withoutGarden = <Row extends { gardenId: string }>({
  gardenId: _,
  ...row
}: Row): Omit<Row, 'gardenId'> => row

// SQLite takes at most 32,766 values in a statement.
const ROWS_AT_ONCE = 1000

/** Calls `insert` with the rows in portions that one statement takes. */
export async function inPortions<Row>(
  rows: readonly Row[],
  insert: (portion: Row[]) => Promise<unknown>,
): Promise<void> {
  for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) {
    await insert(rows.slice(at, at + ROWS_AT_ONCE))
    if (at + ROWS_AT_ONCE < rows.length) await breathe()
  }
}
