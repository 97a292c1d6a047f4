import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { object, string } from 'yup'
import { OBSTACLE_KINDS, type Obstacle, type ObstacleKind } from '../../core/facts'
import { date, id, idField, isoDateField, measure, name, orNull } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** m, °; see `Obstacle`. */
export const obstacle = sqliteTable(
  'obstacle',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    kind: text().$type<ObstacleKind>().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    length: real().notNull(),
    width: real().notNull(),
    height: real().notNull(),
    turn: real().notNull(),
    density: real().notNull(),
    from: date(),
    to: date(),
  },
  (table) => [index('obstacle_of_garden').on(table.gardenId)],
)

/** An obstacle as it is kept. */
export const obstacleRow = object({
  id: idField().required(),
  name: name(),
  kind: string().required().oneOf(OBSTACLE_KINDS),
  x: measure(-10_000, 10_000),
  y: measure(-10_000, 10_000),
  length: measure(0.01, 1000),
  width: measure(0.01, 1000),
  height: measure(0.01, 200),
  turn: measure(-360, 360),
  density: measure(0, 1),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
}).noUnknown()

export const obstacleRecord = record<Obstacle>({
  name: 'obstacle',
  table: obstacle,
  row: obstacleRow,
  most: 2000,
  key: ['id'],
  order: [obstacle.name],
  since: 3,
  versions: {},
})
