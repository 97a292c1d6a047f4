import type { Reason } from '../advice'
import type { Plant } from '../crop'
import type { Cut, PruningRule } from './cut'

export const makeCut = (
  at: Pick<Cut, 'stem' | 'node' | 'organ' | 'action'>,
  rule: PruningRule,
  values: Reason['values'] = {},
): Cut => ({ ...at, reason: { rule, values, weight: 'decides' } })

/** Leaf area that a cut takes, m². */
export function areaOf(plant: Plant, { stem, node, organ, action }: Omit<Cut, 'reason'>): number {
  if (action === 'keep') return 0
  if (organ === 'leaf') return plant.stems[stem]?.nodes[node]?.leaf.area ?? 0
  if (organ === 'tip') return stemArea(plant, stem, node + 1)
  if (organ !== 'sucker') return 0
  const own = shootOf(plant, stem, node)
  return own === null ? 0 : stemArea(plant, own, 0)
}

/** The stem that taking off a sucker takes: of a fork, the later of its two shoots. */
export const shootOf = (plant: Plant, stem: number, node: number): number | null =>
  plant.stems[stem]?.nodes[node]?.sucker.stem ?? null

/** Leaf area of a stem from a node up, with what grew from it, m². */
function stemArea(plant: Plant, number: number, from: number): number {
  const own = plant.stems[number]!.nodes.slice(from).reduce((sum, { leaf }) => sum + leaf.area, 0)
  return plant.stems.reduce(
    (sum, { parent, fromNode }, child) =>
      parent === number && fromNode! >= from ? sum + stemArea(plant, child, 0) : sum,
    own,
  )
}
