import { FRUIT_FAULTS, type FruitFault } from '../harvest'
import { parseQuantity, type QuantityKind, type UnitSystem } from '../quantity'

/** What is wrong with fruit, as growers say it: a number before it counts them. */
export const FAULT_WORDS: ReadonlyMap<string, FruitFault> = new Map<string, FruitFault>([
  ...FRUIT_FAULTS.map((fault) => [fault, fault] as const),
  ['split', 'cracked'],
  ['rot', 'rotten'],
  ['ber', 'rotten'],
  ['catface', 'misshapen'],
  ['bitten', 'eaten'],
])
/** An amount that was found among words. */
interface Taken {
  value: number | null
  left: string[]
  hasUnit: boolean
  /** A number with a word behind it that is no unit, as `2 cans`: what it means must be asked. */
  unknown: string | null
}

const startsNumber = (word: string | undefined) => word !== undefined && /^[\d¼½¾⅓⅔.]/.test(word)
/** Words that may follow a bare number without being its unit. */
const FOLLOWS = new Set([
  'of',
  'by',
  'with',
  'from',
  'in',
  'and',
  'at',
  'to',
  'on',
  'for',
  'this',
  'early',
  'late',
])

/**
 * The first amount of a kind among the words, in as many of them as belong to it (`2 lb 6 oz`), and the words without
 * it. A bare number is one in the usual unit, but for weights, where it might count something.
 */
export function take(words: readonly string[], kind: QuantityKind, units: UnitSystem, bare?: string): Taken {
  let unknown: string | null = null
  for (let index = 0; index < words.length; index++) {
    if (!startsNumber(words[index])) continue
    for (const length of [4, 3, 2, 1]) {
      if (index + length > words.length) continue
      const taken = words.slice(index, index + length)
      // `12 l 3 …`: a number that ends it begins something else.
      if (length > 1 && /^[\d.,/¼½¾⅓⅔]+$/.test(taken.at(-1)!)) continue
      const text = taken.join(' ')
      const isBare = /^[\d.,/¼½¾⅓⅔\s]+$/.test(text)
      if (isBare && (kind === 'mass' || kind === 'duration' || kind === 'length')) continue
      const next = words[index + length]?.toLowerCase()
      if (isBare && next !== undefined && !FOLLOWS.has(next)) continue
      const read = parseQuantity(text, kind, units, bare)
      if ('error' in read) continue
      const left = words.filter((_, at) => at < index || at >= index + length)
      return { value: read.value, left, hasUnit: !isBare, unknown: null }
    }
    const next = words[index + 1]
    const word = next?.toLowerCase() ?? ''
    const isCount = FAULT_WORDS.has(word) || /^fruits?$/.test(word)
    if (
      unknown === null &&
      next !== undefined &&
      !startsNumber(next) &&
      !FOLLOWS.has(word) &&
      !isCount &&
      word !== 'per'
    )
      unknown = `${words[index]} ${next}`
  }
  return { value: null, left: [...words], hasUnit: false, unknown }
}

/** Whether an amount is meant for each plant: `per plant`, `a plant`, `each`. */
export function takeEach(words: readonly string[]): { each: boolean; left: string[] } {
  const text = words.join(' ')
  const left = text
    .replace(/\b(?:(?:per|each|every|a)\s+plant|each)\b/i, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()
  return { each: left !== text.trim(), left: left.split(' ').filter(Boolean) }
}
