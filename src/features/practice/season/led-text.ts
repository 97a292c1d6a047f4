import {
  LED_LENGTHS,
  LED_WATERINGS,
  LED_YES_NO,
  NOTHING,
  type LedActs,
  type LedLength,
} from '../../../core/led-season'

/** A season under way, as its address holds it: it goes on where it was left. */
export interface LedAddress {
  length: LedLength
  seed: number
  acts: readonly LedActs[]
}

const MOST_VISITS = 60
const MOST_SEED = 999_999

/** A visit in two signs: how it is watered, and what else is done, bit by bit. */
const actsText = (acts: LedActs): string =>
  LED_WATERINGS.indexOf(acts.water) +
  LED_YES_NO.reduce((sum, act, bit) => sum + (acts[act] ? 2 ** bit : 0), 0).toString(32)

function actsOf(text: string): LedActs | null {
  const water = LED_WATERINGS[Number(text[0])]
  const bits = parseInt(text[1] ?? '', 32)
  if (!water || Number.isNaN(bits)) return null
  return LED_YES_NO.reduce<LedActs>((acts, act, bit) => ({ ...acts, [act]: (bits & (2 ** bit)) !== 0 }), {
    ...NOTHING,
    water,
  })
}

export function ledAddress({ length, seed, acts }: LedAddress): string {
  const query = new URLSearchParams({ length, seed: String(seed) })
  if (acts.length > 0) query.set('acts', acts.map(actsText).join(''))
  return `/practice/season?${query}`
}

/** Null: none is under way, or its address says none that can be. */
export function ledOf(query: URLSearchParams): LedAddress | null {
  const length = query.get('length')
  const seed = Number(query.get('seed') ?? NaN)
  if (length === null || !Object.hasOwn(LED_LENGTHS, length)) return null
  if (!Number.isInteger(seed) || seed < 0 || seed > MOST_SEED) return null
  const acts: LedActs[] = []
  for (const text of (query.get('acts') ?? '').slice(0, 2 * MOST_VISITS).match(/../g) ?? []) {
    const one = actsOf(text)
    if (one === null) break
    acts.push(one)
  }
  return { length: length as LedLength, seed, acts }
}

/** A season that nobody chose. */
export const anySeed = (): number => Math.floor(Math.random() * (MOST_SEED + 1))
