import type { Crop } from './traits'
import type { PlantMisfit } from './plant-event'

/** A leaf, from its unfolding on; m². */
export interface Leaf {
  state: 'expanding' | 'grown' | 'old' | 'sick' | 'removed'
  area: number
}

/** The shoot in the angle of a leaf; `stem`: the number of the stem that it has become. */
export interface Sucker {
  state: 'dormant' | 'bud' | 'shoot' | 'removed'
  /** m. */
  length: number
  stem: number | null
  /** The grower said that it is to stay. */
  kept: boolean
}

/** Flowers and fruit on the stem, between leaves. */
export interface Truss {
  state: 'buds' | 'open' | 'swelling' | 'ripe' | 'picked' | 'failed' | 'removed'
  flowers: number
  set: number
  /** Of the way from the open flower to the ripe fruit, 0–1. */
  ripeness: number
  /** Flowers grown together, seen by the grower. */
  fused: boolean
}

/** A place on a stem where a leaf grows; `internode`: of the stem under it, m. */
export interface PlantNode {
  internode: number
  leaf: Leaf
  sucker: Sucker
  truss: Truss | null
}

/** A stem from its base up. */
export interface Stem {
  /** Number of the stem that it grew from, and the node there; null: the main stem. */
  parent: number | null
  fromNode: number | null
  nodes: PlantNode[]
  /** Why it grows no further; null: it does. */
  ended: 'truss' | 'topped' | 'removed' | 'fork' | null
}

/**
 * A plant as a list of stems, numbered in the order in which they began, so that a stem keeps its number for life.
 */
export interface Plant {
  crop: Crop
  /** It stops by itself, and bears on its suckers. */
  bush: boolean
  /** Of a usual ripe fruit, kg. */
  fruitMass: number
  stems: Stem[]
  /** Stem under the soil since it was set out, m. */
  buried: number
  /** Of the highest tip above the soil, m. */
  height: number
  /** Across its leaves, m. */
  width: number
  /** m². */
  leafArea: number
  /** What was entered of it and fits nowhere. */
  misfits: PlantMisfit[]
}

/**
 * † A side shoot stands off its stem: of its length, so much is height and so much reach. Against: a sprawling
 * plant’s 1.4 m.
 */
const SIDE_SHOOT = { rise: 0.75, lean: 0.5 }
/** A leaf is so long, of the root of its area. */
const LEAF_LENGTH = 1.1

/** How high a node of a stem is above the soil, m: along the stem and those it grew from. */
export function nodeHeight(plant: Pick<Plant, 'stems' | 'buried'>, stem: number, node: number): number {
  const { parent, fromNode, nodes } = plant.stems[stem]!
  const base = parent === null ? -plant.buried : nodeHeight(plant, parent, fromNode!)
  let along = 0
  for (let under = 0; under <= node && under < nodes.length; under++) along += nodes[under]!.internode
  return base + (parent === null ? along : along * SIDE_SHOOT.rise)
}

/** How far out from the main stem a stem's tip leans, m. */
function reachOf(plant: Pick<Plant, 'stems'>, stem: number): number {
  const { parent, nodes } = plant.stems[stem]!
  if (parent === null) return 0
  const along = nodes.reduce((sum, { internode }) => sum + internode, 0)
  return reachOf(plant, parent) + along * SIDE_SHOOT.lean
}

/** The plant with its height, width and leaf area as its parts make them. */
export function measured(plant: Plant): Plant {
  let [height, reach, leafArea] = [0, 0, 0]
  plant.stems.forEach(({ nodes }, stem) => {
    if (nodes.length === 0) return
    height = Math.max(height, nodeHeight(plant, stem, nodes.length - 1))
    let largest = 0
    for (const { leaf } of nodes) {
      leafArea += leaf.area
      largest = Math.max(largest, leaf.area)
    }
    reach = Math.max(reach, reachOf(plant, stem) + Math.sqrt(largest) * LEAF_LENGTH)
  })
  return { ...plant, height, width: 2 * reach, leafArea }
}

/** A truss where it hangs: m above the soil, and kg that hang there. */
export interface HangingTruss {
  stem: number
  node: number
  height: number
  mass: number
  truss: Truss
}

/** What hangs where, from the base up: trusses on the plant that were not taken off or picked. */
export function hangingTrusses(plant: Plant): HangingTruss[] {
  return plant.stems
    .flatMap(({ nodes }, stem) =>
      nodes.flatMap(({ truss }, node) =>
        truss === null || truss.state === 'removed' || truss.state === 'picked'
          ? []
          : [
              {
                stem,
                node,
                height: nodeHeight(plant, stem, node),
                mass: truss.set * plant.fruitMass * sizeAt(truss.ripeness),
                truss,
              },
            ],
      ),
    )
    .sort((a, b) => a.height - b.height)
}

/**
 * Of its ripe mass, what a fruit weighs so far on its way: slow, then swelling, full before it colours [after
 * the sigmoid course of Monselise, Varga & Bruinsma 1978].
 */
function sizeAt(ripeness: number): number {
  const share = Math.min(1, ripeness / 0.8)
  return share * share * (3 - 2 * share)
}
