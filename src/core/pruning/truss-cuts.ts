import type { Plant } from '../crop'
import type { PruningContext } from './context'
import type { Cut } from './cut'
import { makeCut } from './make-cut'

/** First flowers come off so soon after setting out, or with so few leaves, in a season long enough. */
const ESTABLISHED = 10
const ENOUGH_LEAVES = 8
const LONG_SEASON = 21
/** Fruit from this mass on: grown-together flowers make one that cracks and rots, kg. */
const LARGE = 0.2

/** The plant is still rooting: its flowers cost more than they give. */
function isYoung(plant: Plant, { daysSinceTransplant }: PruningContext): boolean {
  const leaves = plant.stems.reduce(
    (sum, { nodes }) => sum + nodes.filter(({ leaf }) => leaf.state !== 'removed').length,
    0,
  )
  return daysSinceTransplant < ESTABLISHED || leaves < ENOUGH_LEAVES
}

/** Young flowers are open, and stay: the season is too short, or the school leaves them. */
export function leavesFirstFlowers(plant: Plant, context: PruningContext): boolean {
  return isYoung(plant, context) && !pinches(context) && hasOpen(plant)
}

const hasOpen = ({ stems }: Plant) =>
  stems.some(({ nodes }) => nodes.some(({ truss }) => truss?.state === 'open'))

const pinches = ({ school = 'worked-out', seasonSlackDays }: PruningContext) =>
  school === 'pinch' || (school === 'worked-out' && seasonSlackDays >= LONG_SEASON)

/** Trusses and flowers that go: failed ones, first ones while it roots, and flowers grown together. */
export function trussCuts(plant: Plant, context: PruningContext): Cut[] {
  const young = isYoung(plant, context) && pinches(context)
  return plant.stems.flatMap((stem, number) =>
    stem.nodes.flatMap(({ truss }, node) => {
      const at = { stem: number, node, organ: 'truss' as const }
      if (!truss) return []
      // A pepper drops what did not set by itself.
      if (truss.state === 'failed' && plant.crop === 'tomato')
        return [makeCut({ ...at, action: 'remove' }, 'prune.failed-truss')]
      if (young && truss.state === 'open') return [makeCut({ ...at, action: 'pinch' }, 'prune.first-flowers')]
      const isFused =
        truss.fused && plant.fruitMass >= LARGE && truss.state !== 'removed' && truss.state !== 'picked'
      return isFused ? [makeCut({ ...at, organ: 'flower', action: 'pinch' }, 'prune.fused')] : []
    }),
  )
}
