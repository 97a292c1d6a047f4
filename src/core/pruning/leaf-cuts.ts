import { nodeHeight, type Plant } from '../crop'
import { length } from '../quantity'
import { isScalding, type PruningContext } from './context'
import type { Cut } from './cut'
import { makeCut } from './make-cut'
import { firstTruss } from './stems-kept'

/**
 * † Nothing under this touches soil or splash: at first, in flower, under higher trusses; more where it is
 * wet; m. Against: splash of heavy rain, clear stems of 0.2–0.6 m.
 */
const CLEAR = { young: 0.2, flowering: 0.3, bearing: 0.4 }
const WETTER = { low: 0, medium: 0.1, high: 0.2 }
const HIGHER_TRUSSES = 3
const CLEAR_SHARE = 0.25
/** Leaves that stay on the main stem whatever is picked under them. */
const LEAVES_KEPT = 8

/** Leaves that go: sick ones, low ones that catch splash, and those under a truss that is picked. */
export function leafCuts(plant: Plant, context: PruningContext): Cut[] {
  const sick = plant.stems.flatMap(({ nodes }, stem) =>
    nodes.flatMap(({ leaf }, node) =>
      leaf.state === 'sick'
        ? [makeCut({ stem, node, organ: 'leaf', action: 'remove' }, 'prune.sick-leaf')]
        : [],
    ),
  )
  const seen = new Set(sick.filter(({ stem }) => stem === 0).map(({ node }) => node))
  const low = lowLeaves(plant, context).filter(({ node }) => !seen.has(node))
  for (const { node } of low) seen.add(node)
  return [...sick, ...low, ...pickedLeaves(plant, context).filter(({ node }) => !seen.has(node))]
}

/** How high a stem is kept clear, m: leaf by leaf as the plant grows, so that a small one keeps what feeds it. */
function clearHeight(plant: Plant, { wetnessPressure }: PruningContext): number {
  const main = plant.stems[0]
  const open = main?.nodes.filter(({ truss }) => truss && truss.state !== 'buds').length ?? 0
  const wanted =
    open === 0
      ? CLEAR.young
      : open < HIGHER_TRUSSES
        ? CLEAR.flowering + WETTER[wetnessPressure] / 2
        : CLEAR.bearing + WETTER[wetnessPressure]
  return Math.min(wanted, plant.height * CLEAR_SHARE)
}

/** Leaves so low that they touch soil or catch its splash, under the first truss. */
function lowLeaves(plant: Plant, context: PruningContext): Cut[] {
  const main = plant.stems[0]
  if (!main) return []
  const first = firstTruss(main) ?? main.nodes.length
  const clear = clearHeight(plant, context)
  return main.nodes.flatMap(({ leaf }, node) =>
    node < first && leaf.state !== 'removed' && nodeHeight(plant, 0, node) < clear
      ? [
          makeCut({ stem: 0, node, organ: 'leaf', action: 'remove' }, 'prune.clear-stem', {
            clear: length(clear),
          }),
        ]
      : [],
  )
}

/** Leaves under the lowest truss of the main stem that still bears, once one under it is picked. */
function pickedLeaves(plant: Plant, context: PruningContext): Cut[] {
  const main = plant.stems[0]
  // In strong sun, leaves that shade fruit stay; a bush keeps its leaves.
  if (!main || plant.bush || plant.crop === 'pepper' || isScalding(context)) return []
  const bears = main.nodes.findIndex(
    ({ truss }) => truss !== null && !['picked', 'removed', 'failed'].includes(truss.state),
  )
  const isPicked = main.nodes.slice(0, Math.max(0, bears)).some(({ truss }) => truss?.state === 'picked')
  if (!isPicked) return []
  const leaves = main.nodes.flatMap(({ leaf }, node) => (leaf.state === 'removed' ? [] : [node]))
  return leaves
    .slice(0, Math.max(0, leaves.length - LEAVES_KEPT))
    .filter((node) => node < bears)
    .map((node) => makeCut({ stem: 0, node, organ: 'leaf', action: 'remove' }, 'prune.below-picked'))
}

/** A leaf next to swelling fruit, in scalding sun. */
export function shadesFruit(plant: Plant, stem: number, node: number, context: PruningContext): boolean {
  return (
    isScalding(context) &&
    [node - 1, node, node + 1].some((near) => {
      const state = plant.stems[stem]?.nodes[near]?.truss?.state
      return state === 'swelling' || state === 'ripe'
    })
  )
}
