import type { Reason } from '../advice'
import type { Plant, PlantPart, Training } from '../crop'
import { isWet, type PruningContext } from './context'
import type { RefusalRule } from './cut'
import { shadesFruit } from './leaf-cuts'
import { shootOf } from './make-cut'
import { firstTruss, keptNodes, keptStems, leadsStems } from './stems-kept'
import { tipCuts } from './tip-cuts'

const refusal = (rule: RefusalRule): Reason<RefusalRule> => ({ rule, values: {}, weight: 'warns' })

/**
 * Why a part is not to be cut now; null: nothing speaks against it. Leaves are dry first; a bush keeps its suckers and
 * its tip; a led stem its tip but to end its growth; fruit stay on, and the leaves that shade them in strong sun.
 */
export function refuseCut(
  plant: Plant,
  part: PlantPart,
  system: Training,
  context: PruningContext,
): Reason<RefusalRule> | null {
  if (isWet(context)) return refusal('refuse.wet')
  const { stem, node, organ } = part
  const truss = plant.stems[stem]?.nodes[node]?.truss ?? null
  switch (organ) {
    case 'tip': {
      if (plant.bush) return refusal('refuse.bush')
      if (plant.crop === 'pepper') return refusal('refuse.pepper')
      const kept = keptStems(plant, system, context)
      const ends = tipCuts(plant, kept, context).some((cut) => cut.stem === stem)
      return kept.has(stem) && !ends ? refusal('refuse.tip') : null
    }
    case 'sucker': {
      const first = plant.stems[0] ? firstTruss(plant.stems[0]) : null
      if (plant.bush) return stem !== 0 || first === null || node >= first ? refusal('refuse.bush') : null
      if (plant.crop === 'pepper') {
        const isUnderFork = stem === 0 && node < plant.stems[0]!.nodes.length - 1
        return isUnderFork || shootOf(plant, stem, node) === null ? null : refusal('refuse.pepper')
      }
      return leadsStems(system) && stem === 0 && keptNodes(plant, system, context).has(node)
        ? refusal('refuse.leader')
        : null
    }
    case 'truss':
      return truss && ['open', 'swelling', 'ripe', 'buds'].includes(truss.state)
        ? refusal('refuse.truss')
        : null
    case 'leaf':
      return shadesFruit(plant, stem, node, context) ? refusal('refuse.shade') : null
    case 'flower':
    case 'fruit':
      return null
  }
}
