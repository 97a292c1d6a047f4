import { nodeHeight, type Plant, type PlantNode } from '../crop'
import { count, length } from '../quantity'
import type { PruningContext } from './context'
import type { Cut, PruningRule } from './cut'
import { makeCut } from './make-cut'

/** Over its support a stem leans by so much before it is ended, m. */
const OVER_SUPPORT = 0.3
/** Leaves that stay over the last truss, to feed it. */
const LEAVES_OVER = 2

/** The growth of led stems is ended when no flower to come makes a mature fruit, or over the support. */
export function tipCuts(plant: Plant, kept: ReadonlySet<number>, context: PruningContext): Cut[] {
  const { date, lastUsefulFlower, lastRipeness, isTopped, supportTop } = context
  const isLate = lastUsefulFlower !== null && date >= lastUsefulFlower
  return [...kept].flatMap((number) => {
    const { nodes, ended } = plant.stems[number]!
    if (ended !== null || nodes.length === 0) return []
    const at = { stem: number, organ: 'tip' as const, action: 'remove' as const }
    const last = nodes.length - 1
    if (isLate) {
      if (isTopped) return []
      const { node, rule, values } = lastKept(nodes, lastRipeness)
      return [makeCut({ ...at, node: node < 0 ? last : Math.min(last, node + LEAVES_OVER) }, rule, values)]
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

/**
 * The last truss of a stem that comes to a mature fruit, at which node (-1: none does), and how far up the stem
 * trusses ripen on the plant, counted from its base.
 */
function lastKept(
  nodes: readonly PlantNode[],
  lastRipeness: PruningContext['lastRipeness'],
): { node: number; rule: PruningRule; values: Cut['reason']['values'] } {
  const ripenessFrom = (least: number) =>
    nodes.findLastIndex(({ truss }) => truss !== null && truss.state !== 'buds' && truss.ripeness >= least)
  const numberOf = (node: number) => nodes.slice(0, node + 1).filter(({ truss }) => truss !== null).length
  const node = ripenessFrom(lastRipeness?.indoors ?? 0)
  const truss = numberOf(node)
  if (truss === 0 || !lastRipeness) return { node, rule: 'prune.top-season', values: {} }
  const { onPlant } = lastRipeness
  const ripe = onPlant === null ? truss : numberOf(ripenessFrom(onPlant))
  return {
    node,
    rule:
      ripe >= truss
        ? 'prune.top-season-on-plant'
        : ripe === 0
          ? 'prune.top-season-indoors'
          : 'prune.top-season-both',
    values: { truss: count(truss), ripe: count(ripe), green: count(ripe + 1) },
  }
}
