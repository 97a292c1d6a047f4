import type { Truss } from './plant'
import type { PlantTraits } from './plant-traits'

/** A flower and when it opens and was taken off, running °C d. */
export interface Flowering {
  truss: Truss
  opens: number
  taken: number
  /** The grower has said what became of it. */
  isSeen: boolean
}

/** Of the way to ripe, a pepper swells until it is full-sized and green. */
export const PEPPER_SWELLS = 0.66

/** Above so many swelling fruit a pepper drops its new flowers: those that opened later set nothing. */
export function abortFlowers(
  flowerings: readonly Flowering[],
  { mostSwelling, ripening }: PlantTraits,
): void {
  const swelling: { until: number; set: number }[] = []
  for (const { truss, opens, taken, isSeen } of [...flowerings].sort((a, b) => a.opens - b.opens)) {
    if (truss.state === 'buds') return
    const load = swelling.reduce((sum, { until, set }) => sum + (until > opens ? set : 0), 0)
    const sets = truss.state === 'swelling' || truss.state === 'ripe'
    if (sets && !isSeen && load >= mostSwelling!) [truss.state, truss.set] = ['failed', 0]
    else
      swelling.push({ until: Math.min(taken, opens + PEPPER_SWELLS * ripening), set: Math.max(truss.set, 0) })
  }
}
