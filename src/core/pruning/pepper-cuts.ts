import type { Plant, Training } from '../crop'
import type { Cut } from './cut'
import { makeCut } from './make-cut'

/** Leaves over the fork before the ones under it may go. */
const ENOUGH_OVER_FORK = 12

/** An open pepper: clear under the fork, its four stems up, their inner shoots pinched. A bush keeps all. */
export function pepperCuts(plant: Plant, system: Training): Cut[] {
  const main = plant.stems[0]
  if (system !== 'pepper-open' || !main || main.ended !== 'fork') return []
  const over = plant.stems
    .slice(1)
    .flatMap(({ nodes }) => nodes.filter(({ leaf }) => leaf.state !== 'removed'))
  const shoots = main.nodes.flatMap(({ sucker }, node) =>
    node < main.nodes.length - 1 && (sucker.state === 'bud' || sucker.state === 'shoot')
      ? [makeCut({ stem: 0, node, organ: 'sucker', action: 'pinch' }, 'prune.below-fork')]
      : [],
  )
  const leaves =
    over.length < ENOUGH_OVER_FORK
      ? []
      : main.nodes.flatMap(({ leaf }, node) =>
          leaf.state === 'removed'
            ? []
            : [makeCut({ stem: 0, node, organ: 'leaf', action: 'remove' }, 'prune.below-fork')],
        )
  const inner = plant.stems.flatMap(({ nodes, ended }, stem) =>
    stem === 0 || ended !== null
      ? []
      : nodes.flatMap(({ sucker }, node) =>
          sucker.state === 'bud'
            ? [makeCut({ stem, node, organ: 'sucker', action: 'pinch' }, 'prune.fork-inner')]
            : [],
        ),
  )
  return [...shoots, ...inner, ...leaves]
}
