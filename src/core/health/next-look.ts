import { CAUSES, chanceOf, type CauseId } from './causes'
import type { PartSeen, SignId } from './signs'
import { SIGNS } from './signs'

/** The sign that would decide most, and what it tells apart. */
export interface NextLook {
  sign: SignId
  /** The likeliest cause where it is seen, and where it is not. */
  ifSeen: CauseId
  ifNot: CauseId
}

/** Looking costs: a stem is cut and a root dug up only where nothing easier decides. */
const WORTH: Record<PartSeen, number> = { leaf: 1, plant: 1, flower: 1, fruit: 0.9, guest: 0.9, stem: 0.7 }
/** Bits under which a look is not worth asking for. */
const LEAST_GAIN = 0.02

interface Share {
  cause: CauseId
  likelihood: number
}

/**
 * The sign not looked at yet that is expected to narrow the causes most: the fall of the entropy of their shares.
 *
 * @param shares of causes, 0–1, in any order
 * @param known signs that were answered
 * @returns null where no look would tell
 */
export function nextLook(shares: readonly Share[], known: readonly SignId[]): NextLook | null {
  const likely = shares.filter(({ likelihood }) => likelihood > 0.005)
  const before = entropy(likely.map(({ likelihood }) => likelihood))
  const asked = new Set(likely.flatMap(({ cause }) => Object.keys(CAUSES[cause].signs) as SignId[]))
  let best: { look: NextLook; gain: number } | null = null
  for (const sign of asked) {
    if (known.includes(sign)) continue
    const seen = likely.map(({ cause, likelihood }) => likelihood * chanceOf(cause, sign))
    const not = likely.map(({ cause, likelihood }) => likelihood * (1 - chanceOf(cause, sign)))
    const [chance, rest] = [total(seen), total(not)]
    const gain =
      (before - (chance * entropy(seen) + rest * entropy(not)) / (chance + rest)) * WORTH[SIGNS[sign].part]
    if (gain > (best?.gain ?? LEAST_GAIN))
      best = { gain, look: { sign, ifSeen: likeliest(likely, seen), ifNot: likeliest(likely, not) } }
  }
  return best?.look ?? null
}

const total = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0)

/** Entropy of shares that need not add up to one, bits. */
function entropy(values: readonly number[]): number {
  const sum = total(values)
  if (sum <= 0) return 0
  return values.reduce((bits, value) => (value > 0 ? bits - (value / sum) * Math.log2(value / sum) : bits), 0)
}

const likeliest = (among: readonly Share[], weights: readonly number[]): CauseId =>
  among[weights.indexOf(Math.max(...weights))]!.cause
