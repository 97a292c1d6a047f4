import type { QuantityKind, UnitSystem } from './measure'
import { NUMERAL, plainCharacters, readNumeral } from './numerals'
import { BARE_UNIT, findUnit, kindOfUnit } from './units'

/** SI: m, °C, kg, L, m², s. A range gives its midpoint as the value. */
export type ParsedQuantity = { value: number; low?: number; high?: number } | { error: string }

const MOST_CHARACTERS = 60
const ABSOLUTE_ZERO = -273.15

const EXAMPLES: Record<QuantityKind, string> = {
  length: '45 cm or 18 in',
  temperature: '16 °C or 61 °F',
  mass: '1.2 kg or 2 lb 10 oz',
  volume: '6 L or 1 ½ gal',
  area: '3 m² or 32 ft²',
  duration: '20 min or 1 h 30 min',
}

/** A square or cubic unit may end in its digit. */
const TERM = new RegExp(
  String.raw`^(${NUMERAL})\s*((?:cm|m|in|ft|yd)[23](?!\d)|[^\d\s+\-.,][^\d,+\-]*)?`,
  'i',
)

/**
 * Reads what a person typed as a quantity.
 *
 * @param text such as `18in`, `1 1/2 cups`, `6-8 ft`, `5'6"`, `½ gal`, `1,5 m`; at most 60 characters
 * @param assume the unit system meant by a bare number
 * @param bareUnit the unit meant by a bare number, where a field speaks another than its system's usual one
 * @returns the value in SI (m, °C, kg, L, m², s), with `low` and `high` for a range; or an error that says
 *   what would be right
 * @example parseQuantity('6-8 ft', 'length', 'us') // { value: 2.1336, low: 1.8288, high: 2.4384 }
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  assume: UnitSystem,
  bareUnit: string = BARE_UNIT[assume][kind],
): ParsedQuantity {
  if (text.length > MOST_CHARACTERS) return { error: `That is too long. Type ${EXAMPLES[kind]}.` }
  const clean = plainCharacters(text).replace(/^(~|about |approx\.? |ca\.? )/i, '')
  if (clean === '') return { error: `Type a number, such as ${EXAMPLES[kind]}.` }

  const sides = kind === 'area' ? SIDES.exec(clean) : null
  if (sides) return areaOf(sides[1]!, sides[2]!, assume)

  const ends = splitRange(asWritten(clean, kind), kind)
  const high = readCompound(ends.high, kind, bareUnit)
  if ('error' in high) return high
  if (ends.low === undefined) return withinReason(high.value, high.value, kind)

  const low = readCompound(ends.low, kind, high.unit)
  if ('error' in low) return low
  return withinReason(Math.min(low.value, high.value), Math.max(low.value, high.value), kind)
}

const BARE_DEGREES = /^(?:°|degrees?|deg\.?)$/i
const SIDES = /^(.*\S)\s*(?:x|×|\bby\b)\s*(\S.*)$/i

/** Ground told by its two sides: `4x8`, `1.2 m × 3 m`. */
function areaOf(one: string, other: string, assume: UnitSystem): ParsedQuantity {
  const bare = assume === 'us' ? 'ft' : 'm'
  const [length, width] = [one, other].map((side) => parseQuantity(side, 'length', assume, bare))
  if ('error' in length!) return length
  return 'error' in width! ? width : { value: length!.value * width!.value }
}

const WORDS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]

/** How people write amounts in words and in short, as numbers with units: `half a cup`, `1h30`, `5' 6`. */
function asWritten(text: string, kind: QuantityKind): string {
  const plain = text
    .replace(/º/g, '°')
    .replace(/\bminus\s+(?=\d)/i, '-')
    .replace(new RegExp(`\\b(${WORDS.join('|')})\\b`, 'gi'), (word) => `${WORDS.indexOf(word.toLowerCase())}`)
    .replace(/^(?:an?|1) (\S+) and a half$/i, '1 1/2 $1')
    .replace(/^(?:a )?half (?:an? |of an? )?/i, '1/2 ')
    .replace(/^an? (?=[a-z])/i, '1 ')
  switch (kind) {
    case 'duration':
      return plain.replace(/^(\d+)\s*(?:h|hr|:)\s*([0-5]?\d)$/i, '$1 h $2 min')
    case 'length':
      return plain
        .replace(/^(\d+)\s*m\s*(\d\d)$/i, '$1 m $2 cm')
        .replace(/^(\d+)\s*(?:'|′|’|ft|feet)\s*(\d+)$/i, '$1 ft $2 in')
    case 'volume':
      // What it is carried in adds nothing to its size.
      return plain.replace(/([a-z])\s+(?:bucket|pail|can|bag)s?$/i, '$1')
    default:
      return plain
  }
}

function withinReason(low: number, high: number, kind: QuantityKind): ParsedQuantity {
  if (kind === 'temperature') {
    if (low < ABSOLUTE_ZERO) return { error: `Nothing is that cold. Type ${EXAMPLES[kind]}.` }
  } else if (low < 0) return { error: `This cannot be below zero. Type ${EXAMPLES[kind]}.` }
  return low === high ? { value: low } : { value: (low + high) / 2, low, high }
}

/** Two ends of `6-8 ft`, `6 to 8 ft`, `6 ft – 8 ft`; a mixed number (`1-1/2`) and `5'-6"` are one. */
function splitRange(text: string, kind: QuantityKind): { low?: string; high: string } {
  const feetAndInches = /^\d+\s*(?:'|′|’|ft)\s*-\s*\d[\d\s/.]*(?:"|″|”|in)/i
  if (kind === 'length' && feetAndInches.test(text)) return { high: text.replace('-', ' ') }
  const words = /^(.*\S)\s*(?:\bto\b|–|—|\.\.+|…)\s*(\S.*)$/i.exec(text)
  if (words) return { low: words[1]!, high: words[2]! }
  for (let at = text.indexOf('-', 1); at > 0; at = text.indexOf('-', at + 1)) {
    const [before, after] = [text.slice(0, at).trim(), text.slice(at + 1).trim()]
    const isMixed = /(^|[^/\d])\d+$/.test(before) && /^\d+\/\d+/.test(after) && !/\d+\/\d+\s*$/.test(before)
    if (isMixed && isProperFraction(after)) continue
    if (/[\d)'"′″°a-z²³%]$/i.test(before) && /^[-+]?\s*[\d.,]/.test(after))
      return { low: before, high: after }
  }
  return { high: text }
}

function isProperFraction(text: string): boolean {
  const [top, bottom] = /^(\d+)\/(\d+)/.exec(text)!.slice(1).map(Number)
  return top! < bottom!
}

/** One amount, or several in falling units added up: `5 ft 6 in`, `2 lb 10 oz`, `1 h 30 min`. */
function readCompound(
  text: string,
  kind: QuantityKind,
  bareUnit: string,
): { value: number; unit: string } | { error: string } {
  let rest = text
  let total = 0
  let lastFactor = Infinity
  let unitName = bareUnit
  do {
    const match = TERM.exec(rest)
    const number = match ? readNumeral(match[1]!) : null
    if (!match || number === null) return { error: `“${text}” is not an amount. Type ${EXAMPLES[kind]}.` }
    const typed = match[2]?.trim().replace(BARE_DEGREES, '')
    const unit = findUnit(kind, typed || bareUnit)
    if (!unit) return { error: wrongUnit(typed!, kind) }
    const isFirst = lastFactor === Infinity
    if (unit.factor >= lastFactor || (!isFirst && (kind === 'temperature' || !typed)))
      return { error: `“${text}” is not one amount. Type ${EXAMPLES[kind]}.` }
    total += number * unit.factor + (unit.offset ?? 0)
    lastFactor = unit.factor
    unitName = typed || bareUnit
    rest = rest.slice(match[0].length).trim()
  } while (rest !== '')
  return { value: total, unit: unitName }
}

function wrongUnit(typed: string, kind: QuantityKind): string {
  const other = kindOfUnit(typed)
  return other
    ? `${typed} is a unit of ${other}; here a ${kind} is wanted, such as ${EXAMPLES[kind]}.`
    : `“${typed}” is not a unit we know. Type ${EXAMPLES[kind]}.`
}
