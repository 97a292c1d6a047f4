import { measured, type Organ, type Plant, type PlantPart } from '../crop'

/** The plant as it is without what is cut off; what is marked to be kept stays. */
export function applyCuts(plant: Plant, cuts: readonly (PlantPart & { action?: string })[]): Plant {
  const made = cuts.filter(({ action }) => action !== 'keep')
  const takenAt = (stem: number, node: number, organ: Organ) =>
    made.filter((cut) => cut.stem === stem && cut.node === node && cut.organ === organ).length
  const lastOf = (stem: number) =>
    Math.min(...made.filter((cut) => cut.stem === stem && cut.organ === 'tip').map(({ node }) => node))
  const gone = new Set<number>()
  const stems = plant.stems.map((stem, number) => {
    const { parent, fromNode } = stem
    // Of a fork, a cut takes the later shoot.
    const isShoot = parent !== null && plant.stems[parent]!.nodes[fromNode!]?.sucker.stem === number
    if (
      parent !== null &&
      (gone.has(parent) ||
        (isShoot && takenAt(parent, fromNode!, 'sucker') > 0) ||
        fromNode! > lastOf(parent))
    ) {
      gone.add(number)
      return { ...stem, nodes: [], ended: 'removed' as const }
    }
    const last = lastOf(number)
    return {
      ...stem,
      ended: last === Infinity ? stem.ended : ('topped' as const),
      nodes: stem.nodes.slice(0, last + 1).map((node, index) => {
        const flowers = takenAt(number, index, 'flower')
        const fruit = takenAt(number, index, 'fruit')
        return {
          ...node,
          leaf: takenAt(number, index, 'leaf') > 0 ? { state: 'removed' as const, area: 0 } : node.leaf,
          sucker:
            takenAt(number, index, 'sucker') > 0
              ? { ...node.sucker, state: 'removed' as const, length: 0 }
              : node.sucker,
          truss:
            node.truss && takenAt(number, index, 'truss') > 0
              ? { ...node.truss, state: 'removed' as const, set: 0 }
              : node.truss && {
                  ...node.truss,
                  flowers: Math.max(0, node.truss.flowers - flowers),
                  set: Math.max(0, node.truss.set - fruit),
                  fused: node.truss.fused && flowers === 0,
                },
        }
      }),
    }
  })
  return measured({ ...plant, stems })
}
