import type { Plant, Stem, Training } from '../crop'
import type { PruningContext } from './context'

/** The node over which the first truss hangs; null: none is there yet. */
export const firstTruss = ({ nodes }: Stem): number | null => {
  const node = nodes.findIndex(({ truss }) => truss !== null)
  return node < 0 ? null : node
}

/** A system that leads stems up and takes every other sucker. */
export const leadsStems = (system: Training) =>
  system === 'single-stem' || system === 'two-stems' || system === 'three-stems'

/** The tip was lost by mischance where the season and the support had room for this much more, m. */
const ROOM = 0.15
/**
 * Shoots so far under a lost tip, in nodes, that one of them can take its place; and so far, while those have yet to
 * show: one is named on the very day. */
const UNDER_TIP = 4
const UNDER_FRESH_TIP = 8

/** Nodes of the main stem whose suckers a system leads up, grown out or not. */
function reservedNodes(stem: Stem, system: Training): number[] {
  const first = firstTruss(stem)
  if (first === null) return []
  return system === 'two-stems' ? [first] : system === 'three-stems' ? [first, first + 1] : []
}

/** Where a lost tip is to be replaced: the node of the strongest sucker next under it; null: nothing was lost. */
export function leaderNode(plant: Plant, context: PruningContext): number | null {
  const main = plant.stems[0]
  if (!main || main.ended !== 'topped' || plant.crop === 'pepper') return null
  const isLate = context.lastUsefulFlower !== null && context.date >= context.lastUsefulFlower
  const tip = main.nodes.reduce((sum, { internode }) => sum + internode, 0) - plant.buried
  if (isLate || (context.supportTop !== null && tip > context.supportTop - ROOM)) return null
  const lengthOf = (node: number) => {
    const { sucker } = main.nodes[node]!
    if (sucker.state === 'removed' || sucker.state === 'dormant') return 0
    const grown = sucker.stem === null ? 0 : plant.stems[sucker.stem]!.nodes.length
    return sucker.length + grown
  }
  const nodes = main.nodes.map((_, node) => node)
  for (const under of [UNDER_TIP, UNDER_FRESH_TIP]) {
    const near = nodes.slice(-under)
    const best = near.reduce((found, node) => (lengthOf(node) >= lengthOf(found) ? node : found), near[0]!)
    if (lengthOf(best) > 0) return best
  }
  return null
}

/** The main stem's nodes whose suckers stay: those a system leads up, those the grower keeps, a lost tip's heir. */
export function keptNodes(plant: Plant, system: Training, context: PruningContext): Set<number> {
  const main = plant.stems[0]
  if (!main) return new Set()
  const leader = leaderNode(plant, context)
  const told = main.nodes.flatMap(({ sucker }, node) => (sucker.kept ? [node] : []))
  return new Set([...reservedNodes(main, system), ...told, ...(leader === null ? [] : [leader])])
}

/** The stems that a system leads up: the main one and those from the kept nodes. */
export function keptStems(plant: Plant, system: Training, context: PruningContext): Set<number> {
  const kept = new Set([0])
  for (const node of keptNodes(plant, system, context)) {
    const stem = plant.stems[0]!.nodes[node]?.sucker.stem
    if (stem !== null && stem !== undefined && plant.stems[stem]!.ended !== 'removed') kept.add(stem)
  }
  return kept
}
