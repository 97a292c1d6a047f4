import { nodeHeight, type Plant } from '../../../core/crop'

/** A node where it is drawn: m, x from the foot of the main stem, y up from the soil. */
export interface DrawnNode {
  stem: number
  node: number
  x: number
  y: number
  /** Which side its leaf is on. */
  side: 1 | -1
  /** Its leaf as it is drawn: m from the stem to its tip, and its rise over the level, radians. */
  leaf: { length: number; rise: number }
}

/** Length of a drawn leaf, of the root of its area; and of the smallest that can be seen, m. */
const LEAF_LENGTH = 1.15
const LEAST_LEAF = 0.03
const RISE = { expanding: 40, other: 16 } as const
/** m over the soil: a truss that would hang lower lies on it. */
export const HANGS = 0.11

/** † A side shoot leans out by so much of its length; the inner shoots of a second fork hardly do. */
const LEAN = 0.5
const INNER_LEAN = 0.16

/** Every stem as the nodes that it is drawn through, from its foot up. */
export function drawnStems(plant: Plant): DrawnNode[][] {
  const stems: DrawnNode[][] = []
  plant.stems.forEach(({ parent, fromNode, nodes }, stem) => {
    const foot = parent === null ? null : (stems[parent]?.[fromNode!] ?? null)
    const lean = foot === null ? 0 : leanOf(plant, stem, foot)
    let along = 0
    stems.push(
      nodes.map(({ internode, leaf }, node) => {
        along += internode
        return {
          stem,
          node,
          x: foot ? foot.x + lean * along : Math.sin(node * 1.7) * 0.006,
          y: nodeHeight(plant, stem, node),
          side: (node + stem) % 2 === 0 ? 1 : -1,
          leaf: {
            length: Math.max(LEAST_LEAF, Math.sqrt(leaf.area) * LEAF_LENGTH),
            rise: (RISE[leaf.state === 'expanding' ? 'expanding' : 'other'] * Math.PI) / 180,
          },
        }
      }),
    )
  })
  return stems
}

/** A sucker leans to the side of its leaf; the two shoots of a fork to either side, away from the middle. */
function leanOf({ stems }: Plant, stem: number, foot: DrawnNode): number {
  const parent = stems[stem]!.parent!
  if (stems[parent]!.ended !== 'fork') return foot.side * LEAN
  const isFirst = stems.findIndex((other) => other.parent === parent) === stem
  const toward = isFirst ? 1 : -1
  if (parent === 0) return toward * LEAN
  const outward = foot.x < 0 ? -1 : 1
  return toward === outward ? outward * LEAN : -outward * INNER_LEAN
}
