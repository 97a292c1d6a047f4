import { nodeHeight, type Plant } from '../../../core/crop'

/** A node where it is drawn: m, x from the foot of the main stem, y up from the soil. */
export interface DrawnNode {
  stem: number
  node: number
  x: number
  y: number
  /** Which side its leaf is on. */
  side: 1 | -1
}

/** † A side shoot leans out by so much of its length. */
const LEAN = 0.5

/** Every stem as the nodes that it is drawn through, from its foot up. */
export function drawnStems(plant: Plant): DrawnNode[][] {
  const stems: DrawnNode[][] = []
  plant.stems.forEach(({ parent, fromNode, nodes }, stem) => {
    const foot = parent === null ? null : stems[parent]?.[fromNode!]
    // The two shoots of a fork lean to either side; a sucker leans to the side of its leaf.
    const forked = parent !== null && plant.stems[parent]!.ended === 'fork'
    const lean = foot ? (forked ? (stem % 2 === 0 ? 1 : -1) : foot.side) : 0
    let along = 0
    stems.push(
      nodes.map(({ internode }, node) => {
        along += internode
        return {
          stem,
          node,
          x: foot ? foot.x + lean * along * LEAN : Math.sin(node * 1.7) * 0.006,
          y: nodeHeight(plant, stem, node),
          side: (node + stem) % 2 === 0 ? 1 : -1,
        }
      }),
    )
  })
  return stems
}
