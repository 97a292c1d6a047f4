import type { Plant, Training } from '../crop'
import { count } from '../quantity'
import { isScalding, type PruningContext } from './context'
import type { Cut } from './cut'
import { makeCut } from './make-cut'
import { firstTruss, keptNodes, keptStems, leadsStems } from './stems-kept'

/** A sucker with so many nodes is thick at its base: its tip goes, the wound stays small. */
const THICK = 7
/** A tipped sucker keeps so many leaves. */
const LEAVES_LEFT = 2

/** Suckers of a vine that its system takes; thick ones, and in scalding sun grown ones, keep two leaves. */
export function suckerCuts(plant: Plant, system: Training, context: PruningContext): Cut[] {
  const isLed = leadsStems(system)
  const kept = keptStems(plant, system, context)
  const stays = keptNodes(plant, system, context)
  const first = plant.stems[0] ? firstTruss(plant.stems[0]) : null
  const scalds = isScalding(context)
  return [...kept].flatMap((number) =>
    plant.stems[number]!.nodes.flatMap(({ sucker }, node) => {
      if (sucker.state !== 'bud' && sucker.state !== 'shoot') return []
      if (sucker.kept || (number === 0 && stays.has(node))) return []
      const own = sucker.stem === null ? null : plant.stems[sucker.stem]!
      if (own && (kept.has(sucker.stem!) || own.ended === 'topped')) return []
      // In a cage only what comes under the first truss goes.
      if (!isLed && (number !== 0 || first === null || node >= first)) return []
      const grown = own?.nodes.length ?? 0
      const tip = { stem: sucker.stem!, node: LEAVES_LEFT - 1, organ: 'tip', action: 'tip-back' } as const
      if (grown >= THICK) return [makeCut(tip, 'prune.sucker-big', { leaves: count(grown) })]
      if (scalds && isLed && grown > LEAVES_LEFT) return [makeCut(tip, 'prune.sucker-shade')]
      const action = own === null ? 'pinch' : 'remove'
      return [
        makeCut(
          { stem: number, node, organ: 'sucker', action },
          isLed ? 'prune.sucker' : 'prune.below-truss',
        ),
      ]
    }),
  )
}
