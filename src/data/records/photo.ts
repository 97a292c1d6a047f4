import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { number, object, string } from 'yup'
import { LARGEST, PHOTO_TYPES, type PhotoType } from '../../core/facts'
import type { Photo } from '../photo-content'
import { id, idField } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** A photo of a log entry; the picture itself lies beside the database, see `photos`. */
export const attachment = sqliteTable(
  'attachment',
  {
    id: id(),
    gardenId: gardenId(),
    entryId: text().notNull(),
    type: text().$type<PhotoType>().notNull(),
    bytes: integer().notNull(),
    width: integer().notNull(),
    height: integer().notNull(),
  },
  (table) => [index('attachment_of_entry').on(table.gardenId, table.entryId)],
)

/** A photo as it is kept; the picture itself is a file of its own. */
const photoRow = object({
  id: idField().required(),
  entryId: idField().required(),
  type: string<PhotoType>().required().oneOf(PHOTO_TYPES),
  bytes: number().required().integer().min(1).max(LARGEST.photo),
  width: number().required().integer().min(1).max(100_000),
  height: number().required().integer().min(1).max(100_000),
}).noUnknown()

export const photoRecord = record<Photo>({
  name: 'photo',
  table: attachment,
  row: photoRow,
  most: 50_000,
  key: ['id'],
  references: { entryId: 'entry' },
  order: [attachment.id],
  since: 7,
  versions: {},
})
