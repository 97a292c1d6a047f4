import { array, boolean, number, object, string } from 'yup'
import { MOST_DRIP_LINES, PLACE_BOUNDS, POT_BOUNDS, type Bounds } from '../../core/bounds'
import { MULCHES } from '../../core/climate'
import { POT_SHAPES } from '../../core/containers'
import {
  OBSTACLE_KINDS,
  PLACE_KINDS,
  placeFault,
  SIDES,
  type Manner,
  type Obstacle,
  type Place,
  type PlaceKind,
} from '../../core/facts'
import { formatMeasure, parseQuantity } from '../../core/quantity'
import { choiceField, nameField, orNothing, quantityField } from '../../wording/fields'
import { longUnit } from '../../wording/either'
import { nameOf } from '../../wording/names'
import { sayLength } from '../../wording/say'

/** A piece of the ground as its form types it. */
export interface PieceValues {
  name: string
  kind: string
  x: string
  y: string
  length: string
  width: string
  turn: string
  height: string
  raised: boolean
  mulch: string
  openSides: string[]
  dripLines: string
  emitterSpacing: string
  emitterFirst: string
  emitterFlow: string
  potShape: string
  potBottom: string
  selfWatering: boolean
}

const within = ([low, high]: Bounds) => ({ low, high })

/** Lengths with commas between them: `0.23 m, 0.97 m`. */
function linesField(manner: Manner) {
  return array(number().required())
    .transform((_, typed: unknown) =>
      Array.isArray(typed)
        ? typed
        : String(typed ?? '')
            .split(manner.decimals === 'comma' ? /;|,\s/ : /[;,]/)
            .filter((text) => text.trim() !== '')
            .map((text) => {
              const read = parseQuantity(text.trim(), 'length', manner.units, longUnit(manner))
              return 'error' in read ? NaN : read.value
            }),
    )
    .max(MOST_DRIP_LINES, `At most ${MOST_DRIP_LINES} lines, please.`)
    .test(
      'lines',
      `Give distances from the south side with ${manner.decimals === 'comma' ? 'semicolons' : 'commas'} between, as ${[0.3, 0.9].map((y) => formatMeasure({ kind: 'length', value: y }, manner)).join(manner.decimals === 'comma' ? '; ' : ', ')}, or leave it blank.`,
      (lines) => (lines ?? []).every((y) => Number.isFinite(y) && y >= 0),
    )
    .required()
}

/** A length, or nothing typed. */
const optionalLength = (manner: Manner, low: number, high: number) =>
  orNothing(quantityField('length', manner, { low, high, bareUnit: longUnit(manner) }))

/** Where a corner lies: a length, below zero west or south of the garden's own corner. */
function positionField(manner: Manner) {
  const read = (typed: unknown) => {
    const text = String(typed ?? '').trim()
    const isBelow = /^[-−]/.test(text)
    const parsed = parseQuantity(text.replace(/^[-−+]\s*/, ''), 'length', manner.units, longUnit(manner))
    return 'error' in parsed ? parsed : { value: isBelow ? -parsed.value : parsed.value }
  }
  return number()
    .required()
    .transform((_, typed: unknown) => {
      if (typeof typed === 'number') return typed
      const parsed = read(typed)
      return 'error' in parsed ? 0 : parsed.value
    })
    .test('position', '', function check(value, { originalValue }) {
      const parsed = typeof originalValue === 'number' ? { value } : read(originalValue)
      if ('error' in parsed) return this.createError({ message: parsed.error })
      return (
        Math.abs(value) <= FARTHEST ||
        this.createError({ message: `At most ${sayLength(FARTHEST, manner)} off, please.` })
      )
    })
}
/** m from the garden's corner. */
const FARTHEST = 1000

const DEGREES = 'Degrees from −180 to 180, counterclockwise.'

/** What is true of any place or obstacle; the drip lines must lie in the place. */
export function pieceSchema(manner: Manner) {
  const length = (low: number, high: number) =>
    quantityField('length', manner, { low, high, bareUnit: longUnit(manner) })
  return object({
    name: nameField('it'),
    kind: choiceField([...PLACE_KINDS, ...OBSTACLE_KINDS], 'what it is'),
    x: positionField(manner),
    y: positionField(manner),
    length: length(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
    width: length(POT_BOUNDS.across[0], PLACE_BOUNDS.side[1]),
    turn: number()
      .transform((_, typed: unknown) =>
        Number(
          String(typed ?? '')
            .trim()
            .replace(/°$/, '')
            .replace('−', '-')
            .replace(',', '.') || NaN,
        ),
      )
      .typeError(DEGREES)
      .required(DEGREES)
      .min(-180, DEGREES)
      .max(180, DEGREES),
    height: optionalLength(manner, 0.05, 60),
    raised: boolean().required(),
    mulch: choiceField(MULCHES, 'a mulch'),
    openSides: array(string().oneOf(SIDES).required()).required(),
    dripLines: linesField(manner),
    emitterSpacing: optionalLength(manner, ...PLACE_BOUNDS.emitterSpacing),
    emitterFirst: optionalLength(manner, ...PLACE_BOUNDS.along),
    emitterFlow: orNothing(quantityField('volume', manner, within(PLACE_BOUNDS.emitterFlow))),
    potShape: choiceField(POT_SHAPES, 'a shape'),
    potBottom: optionalLength(manner, ...POT_BOUNDS.across),
    selfWatering: boolean().required(),
  })
    .test('measures', '', function check({ kind, length: along, width, height }) {
      // What is no measure has its own fault already.
      const isPlace = PLACE_KINDS.some((one) => one === kind) && along > 0 && width > 0
      const known = { kind: kind as PlaceKind, length: along, width, height: height ?? null }
      const fault = isPlace ? placeFault({ ...known, soilDepth: height ?? PLACE_BOUNDS.soilDepth[0] }) : null
      if (fault === null || fault.field === 'soilDepth') return true
      const [low, high] = fault.bounds.map((bound) => sayLength(bound, manner))
      return this.createError({
        path: fault.field,
        message: `From ${low} to ${high} for a ${nameOf(kind)}, please.`,
      })
    })
    .test('lines-inside', '', function check({ dripLines, width }) {
      const outside = (dripLines ?? []).find((y) => y > width)
      return (
        outside === undefined ||
        this.createError({
          path: 'dripLines',
          message: `A line ${sayLength(outside, manner)} from the south side is outside: the place is ${sayLength(width, manner)} wide.`,
        })
      )
    })
    .test('emitters', '', function check({ dripLines, emitterSpacing, emitterFirst, length: along }) {
      if ((dripLines ?? []).length > 0 && emitterSpacing === null)
        return this.createError({ path: 'emitterSpacing', message: 'Say how far apart the emitters are.' })
      if (emitterFirst !== null && emitterFirst !== undefined && emitterFirst > along)
        return this.createError({
          path: 'emitterFirst',
          message: 'The first emitter is past the end, so none would reach a plant.',
        })
      return true
    })
}

/** A piece as its form shows it. */
export function typedPiece(row: Place | Obstacle, manner: Manner): PieceValues {
  const say = (value: number | null) => (value === null ? '' : sayLength(value, manner))
  const place = 'mulch' in row ? row : null
  return {
    name: row.name,
    kind: row.kind,
    x: say(row.x),
    y: say(row.y),
    length: say(row.length),
    width: say(row.width),
    turn: `${row.turn}`,
    height: say(row.height),
    raised: place?.raised ?? false,
    mulch: place?.mulch ?? 'bare',
    openSides: place?.openSides ?? [],
    dripLines: (place?.dripLines ?? [])
      .map((y) => sayLength(y, manner))
      .join(manner.decimals === 'comma' ? '; ' : ', '),
    emitterSpacing: say(place?.emitterSpacing ?? null),
    emitterFirst: say(place?.emitterFirst ?? null),
    emitterFlow:
      place?.emitterFlow == null
        ? ''
        : formatMeasure({ kind: 'volume', value: place.emitterFlow }, manner).replaceAll('\u00a0', ' '),
    potShape: place?.pot?.shape ?? 'round',
    potBottom: say(place?.pot?.bottom ?? null),
    selfWatering: place?.pot?.selfWatering ?? false,
  }
}

type Checked = ReturnType<ReturnType<typeof pieceSchema>['validateSync']>

/** What was shown rounded and not touched stays as exact as it is kept. */
export function unrounded(
  typed: Checked,
  values: PieceValues,
  shown: PieceValues,
  row: Place | Obstacle,
): Checked {
  const untouched = (
    [
      'x',
      'y',
      'length',
      'width',
      'turn',
      'height',
      'dripLines',
      'emitterSpacing',
      'emitterFirst',
      'emitterFlow',
    ] as const
  ).filter((field) => values[field] === shown[field] && field in row)
  return {
    ...typed,
    ...Object.fromEntries(
      untouched.map((field) => [field, (row as unknown as Record<string, unknown>)[field]]),
    ),
  }
}

/** The row that a checked form stands for. */
export function placeFrom(before: Place, typed: Checked): Place {
  const {
    x,
    y,
    length,
    width,
    turn,
    height,
    raised,
    mulch,
    dripLines,
    emitterSpacing,
    emitterFirst,
    emitterFlow,
  } = typed
  return {
    ...before,
    name: typed.name,
    x,
    y,
    length,
    width,
    turn,
    height: height ?? null,
    raised,
    mulch: mulch as Place['mulch'],
    openSides: typed.openSides as Place['openSides'],
    dripLines,
    emitterSpacing: dripLines.length === 0 ? null : (emitterSpacing ?? null),
    emitterFirst: dripLines.length === 0 ? null : (emitterFirst ?? null),
    emitterFlow: dripLines.length === 0 ? null : (emitterFlow ?? null),
    pot: before.pot && {
      shape: typed.potShape as NonNullable<Place['pot']>['shape'],
      bottom: typed.potShape === 'tapered' ? (typed.potBottom ?? length * 0.8) : null,
      selfWatering: typed.selfWatering,
    },
  }
}

export function obstacleFrom(
  before: Obstacle,
  { name, x, y, length, width, turn, height }: Checked,
): Obstacle {
  return {
    ...before,
    name,
    x,
    y,
    length,
    width: before.kind === 'tree' ? length : width,
    turn,
    height: height ?? before.height,
  }
}
