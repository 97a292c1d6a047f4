/** A seeded stream of random numbers: the same seed gives the same stream on every machine. */
export interface Random {
  /** Uniform in [0, 1). */
  uniform(): number
  /** Standard normal. */
  normal(): number
  /** Gamma with mean shape × scale. */
  gamma(shape: number, scale: number): number
}

/** Uniform numbers from a 32-bit Weyl sequence with an avalanche mix; normals by the polar method [Marsaglia & Bray 1964]. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0
  let spare: number | null = null

  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }

  const normal = () => {
    if (spare !== null) {
      const value = spare
      spare = null
      return value
    }
    for (;;) {
      const [x, y] = [2 * uniform() - 1, 2 * uniform() - 1]
      const square = x * x + y * y
      if (square === 0 || square >= 1) continue
      const scale = Math.sqrt((-2 * Math.log(square)) / square)
      spare = y * scale
      return x * scale
    }
  }

  /** [Marsaglia & Tsang 2000]; shapes below one are lifted by a power of a uniform number. */
  const gamma = (shape: number, scale: number): number => {
    if (shape < 1) return gamma(shape + 1, scale) * uniform() ** (1 / shape)
    const d = shape - 1 / 3
    const c = 1 / Math.sqrt(9 * d)
    for (;;) {
      const x = normal()
      const v = (1 + c * x) ** 3
      if (v > 0 && Math.log(1 - uniform()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v * scale
    }
  }

  return { uniform, normal, gamma }
}

/** A 32-bit seed from any words and numbers (FNV-1a). */
export function hashSeed(...parts: (string | number)[]): number {
  let hash = 0x811c9dc5
  for (const character of parts.join('|')) {
    hash = Math.imul(hash ^ character.codePointAt(0)!, 0x01000193)
  }
  return hash >>> 0
}
