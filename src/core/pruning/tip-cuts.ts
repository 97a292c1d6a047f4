import { nodeHeight, type Plant } from '../crop'
import { length } from '../quantity'
import type { PruningContext } from './context'
import type { Cut } from './cut'
import { makeCut } from './make-cut'

/** Over its support a stem leans by so much before it is ended, m. */
const OVER_SUPPORT = 0.3
/** Leaves that stay over the last truss, to feed it. */
const LEAVES_OVER = 2

/** The growth of led stems is ended when no flower to come makes a mature fruit, or over the support. */
export function tipCuts(plant: Plant, kept: ReadonlySet<number>, context: PruningContext): Cut[] {
  const { date, lastUsefulFlower, supportTop } = context
  const isLate = lastUsefulFlower !== null && date >= lastUsefulFlower
  return [...kept].flatMap((number) => {
    const { nodes, ended } = plant.stems[number]!
    if (ended !== null || nodes.length === 0) return []
    const at = { stem: number, organ: 'tip' as const, action: 'remove' as const }
    const last = nodes.length - 1
    if (isLate) {
      const open = nodes.findLastIndex(({ truss }) => truss !== null && truss.state !== 'buds')
      return [
        makeCut({ ...at, node: open < 0 ? last : Math.min(last, open + LEAVES_OVER) }, 'prune.top-season'),
      ]
    }
    if (supportTop === null || nodeHeight(plant, number, last) <= supportTop + OVER_SUPPORT) return []
    const under = nodes.findLastIndex(
      (_, node) => nodeHeight(plant, number, node) <= supportTop + OVER_SUPPORT,
    )
    const truss = nodes.findLastIndex((node, index) => node.truss !== null && index + LEAVES_OVER <= under)
    return [
      makeCut({ ...at, node: truss < 0 ? Math.max(0, under) : truss + LEAVES_OVER }, 'prune.top-support', {
        top: length(supportTop),
      }),
    ]
  })
}
