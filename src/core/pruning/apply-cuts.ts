import type { Plant, PlantCut } from '../crop'

/** The plant as it is without what is cut off. */
export function applyCuts(plant: Plant, cuts: readonly PlantCut[]): Plant {
  const taken = (stem: number, node: number, organ: PlantCut['organ']) =>
    cuts.some((cut) => cut.stem === stem && cut.node === node && cut.organ === organ)
  const gone = new Set<number>()
  const stems = plant.stems.map((stem, number) => {
    const { parent, fromNode } = stem
    if (parent !== null && (gone.has(parent) || taken(parent, fromNode!, 'sucker'))) {
      gone.add(number)
      return { ...stem, nodes: [], ended: 'removed' as const }
    }
    const isTopped = cuts.some((cut) => cut.stem === number && cut.organ === 'tip')
    return {
      ...stem,
      ended: isTopped ? ('topped' as const) : stem.ended,
      nodes: stem.nodes.map((node, index) => ({
        ...node,
        leaf: taken(number, index, 'leaf') ? { state: 'removed' as const, area: 0 } : node.leaf,
        sucker: taken(number, index, 'sucker')
          ? { state: 'removed' as const, length: 0, stem: node.sucker.stem }
          : node.sucker,
        truss:
          node.truss && taken(number, index, 'truss')
            ? { ...node.truss, state: 'removed' as const, set: 0 }
            : node.truss,
      })),
    }
  })
  return {
    ...plant,
    stems,
    leafArea: stems.reduce(
      (sum, { nodes }) => sum + nodes.reduce((area, { leaf }) => area + leaf.area, 0),
      0,
    ),
  }
}
