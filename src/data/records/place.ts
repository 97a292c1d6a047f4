import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { array, boolean, object, string } from 'yup'
import { MOST_AREA, MOST_DRIP_LINES, PLACE_BOUNDS, POT_BOUNDS } from '../../core/bounds'
import { MULCHES, type Mulch } from '../../core/climate'
import { POT_SHAPES } from '../../core/containers'
import { PLACE_KINDS, SIDES, placeFault, type Place, type PlaceKind, type Side } from '../../core/facts'
import { date, id, idField, isoDateField, measure, name, orNull, within } from './fields'
import { gardenId } from './garden'
import { record } from './record'

/** Lengths in m, in the garden's frame; see `Place`. */
export const place = sqliteTable(
  'place',
  {
    id: id(),
    gardenId: gardenId(),
    name: text().notNull(),
    kind: text().$type<PlaceKind>().notNull(),
    x: real().notNull(),
    y: real().notNull(),
    length: real().notNull(),
    width: real().notNull(),
    turn: real().notNull().default(0),
    height: real(),
    soilDepth: real().notNull(),
    raised: integer({ mode: 'boolean' }).notNull(),
    mulch: text().$type<Mulch>().notNull(),
    openSides: text({ mode: 'json' }).$type<Side[]>().notNull(),
    dripLines: text({ mode: 'json' }).$type<number[]>().notNull(),
    emitterSpacing: real(),
    emitterFirst: real(),
    emitterFlow: real(),
    pot: text({ mode: 'json' }).$type<Place['pot']>(),
    walk: integer(),
    from: date(),
    to: date(),
  },
  (table) => [index('place_of_garden').on(table.gardenId)],
)

const MOST_PLACES = 2000

/** A place as it is kept. */
export const placeRow = object({
  id: idField().required(),
  name: name(),
  kind: string().required().oneOf(PLACE_KINDS),
  x: measure(...PLACE_BOUNDS.spot),
  y: measure(...PLACE_BOUNDS.spot),
  length: measure(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
  width: measure(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
  turn: measure(...PLACE_BOUNDS.turn),
  height: orNull(measure(POT_BOUNDS.height[0], PLACE_BOUNDS.height[1])),
  soilDepth: measure(...PLACE_BOUNDS.soilDepth),
  raised: boolean().required(),
  mulch: string().required().oneOf(MULCHES),
  openSides: array(string().required().oneOf(SIDES)).required(),
  dripLines: array(measure(...PLACE_BOUNDS.along))
    .required()
    .max(MOST_DRIP_LINES),
  emitterSpacing: orNull(measure(...PLACE_BOUNDS.emitterSpacing)),
  emitterFirst: orNull(measure(...PLACE_BOUNDS.along)),
  emitterFlow: orNull(measure(...PLACE_BOUNDS.emitterFlow)),
  pot: object({
    shape: string().required().oneOf(POT_SHAPES),
    bottom: orNull(measure(...POT_BOUNDS.across)),
    selfWatering: boolean().required(),
  })
    .noUnknown()
    .nullable()
    .defined()
    .default(undefined),
  walk: orNull(measure(0, MOST_PLACES - 1).integer()),
  from: orNull(isoDateField()),
  to: orNull(isoDateField()),
})
  .noUnknown()
  .test('kind-of-place', '', function check(row: object | null | undefined) {
    if (!row) return true
    const place = row as unknown as Place
    const isPot = place.kind === 'container'
    const said = (field: string, message: string) =>
      this.createError({ path: `${this.path}.${field}`, message: `${this.path}.${field} ${message}` })
    if (isPot !== (place.pot !== null))
      return said('pot', isPot ? 'must tell of the pot' : `must be null: a ${place.kind} is no pot`)
    if (place.pot?.shape === 'tapered' && place.pot.bottom === null)
      return said('pot.bottom', 'must be the width of a tapered pot’s bottom')
    const fault = placeFault(place)
    if (!fault) return true
    const [low, high] = fault.bounds
    return said(fault.field, `of a ${place.kind} must be from ${low} to ${high} m`)
  })

export const placeRecord = record<Place>({
  name: 'place',
  table: place,
  row: placeRow,
  most: MOST_PLACES,
  key: ['id'],
  order: [place.name],
  since: 1,
  versions: {
    3: (row) => ({
      turn: 0,
      height: null,
      emitterFirst: null,
      pot: row.kind === 'container' ? { shape: 'round', bottom: null, selfWatering: false } : null,
      ...row,
    }),
    6: (row) => ({ emitterFlow: null, ...row }),
    /** Measures that no screen could work with were taken: they are brought to the nearest that can be. */
    8: (row) => {
      const isPot = row.kind === 'container'
      const side = isPot ? POT_BOUNDS.across : PLACE_BOUNDS.side
      return {
        ...row,
        length: within(row.length, side),
        width: within(within(row.width, side), [
          side[0],
          Math.max(side[0], MOST_AREA / Number(row.length || 1)),
        ]),
        height: within(row.height, isPot ? POT_BOUNDS.height : PLACE_BOUNDS.height),
        soilDepth: within(
          row.soilDepth,
          isPot && row.height === null ? POT_BOUNDS.height : PLACE_BOUNDS.soilDepth,
        ),
      }
    },
    9: (row) => ({ walk: null, ...row }),
  },
})
