import type { FieldConflict } from '../../components/which'
import type { Manner } from '../../core/facts'
import type { Result } from '../../core/result'
import type { GroundConflict, KeptGround } from '../../data/ground'
import { capital, nameOf } from '../../wording/names'
import { sayLength } from '../../wording/say'

/** What editing the ground came to, with a conflict in words. */
export type GroundAnswer =
  | Result<KeptGround>
  | {
      ok: false
      conflict: {
        id: string
        about: string
        fields: (FieldConflict & { key: string })[]
        theirs: Record<string, unknown>
      }
    }

/** What the fields are called, and those that are lengths in m. */
const NAMES: Record<string, string> = {
  name: 'Name',
  x: 'Distance east',
  y: 'Distance north',
  length: 'Length',
  width: 'Width',
  turn: 'Turned, °',
  height: 'Height',
  soilDepth: 'Depth of dug soil',
  raised: 'Raised',
  mulch: 'Mulch',
  openSides: 'Reached from',
  dripLines: 'Drip lines',
  emitterSpacing: 'Distance between emitters',
  emitterFirst: 'First emitter',
  emitterFlow: 'Flow per emitter, L per hour',
  walk: 'Place in the round',
  count: 'Plants',
  from: 'From',
  to: 'To',
}
const LENGTHS = [
  'x',
  'y',
  'length',
  'width',
  'height',
  'soilDepth',
  'dripLines',
  'emitterSpacing',
  'emitterFirst',
]

export function saidConflict(
  { of, mine, theirs, fields }: GroundConflict,
  manner: Manner,
): Extract<GroundAnswer, { conflict: unknown }>['conflict'] {
  const [own, other] = [
    mine as unknown as Record<string, unknown>,
    theirs as unknown as Record<string, unknown>,
  ]
  const name = String(other.name ?? other.label ?? '')
  return {
    id: theirs.id,
    about: of === 'plant' ? `Plant ${name}` : name === '' ? 'This planting' : name,
    fields: fields.map((key) => ({
      key,
      name: NAMES[key] ?? capital(key),
      mine: sayValue(key, own[key], manner),
      theirs: sayValue(key, other[key], manner),
    })),
    theirs: other,
  }
}

function sayValue(key: string, value: unknown, manner: Manner): string {
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : value.map((one) => sayValue(key, one, manner)).join(', ')
  if (typeof value === 'number') return LENGTHS.includes(key) ? sayLength(value, manner) : String(value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (value === null || value === undefined) return 'none'
  return typeof value === 'string' ? (key === 'mulch' ? nameOf(value) : value) : JSON.stringify(value)
}
