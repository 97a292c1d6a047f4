import type { Crop } from './traits'

/** A leaf, from its unfolding on; m². */
export interface Leaf {
  state: 'expanding' | 'grown' | 'old' | 'removed'
  area: number
}

/** The shoot in the angle of a leaf; `stem`: the number of the stem that it has become. */
export interface Sucker {
  state: 'dormant' | 'bud' | 'shoot' | 'removed'
  /** m. */
  length: number
  stem: number | null
}

/** Flowers and fruit on the stem, between leaves. */
export interface Truss {
  state: 'buds' | 'open' | 'swelling' | 'ripe' | 'failed' | 'removed'
  flowers: number
  set: number
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
  stems: Stem[]
  /** Stem under the soil since it was set out, m. */
  buried: number
  /** Of the highest tip above the soil, m. */
  height: number
  /** m². */
  leafArea: number
  /** What was entered of it and fits nowhere: by stem and node. */
  misfits: PlantCut[]
}

/** A part of a plant that was taken off. */
export interface PlantCut {
  stem: number
  node: number
  organ: 'leaf' | 'sucker' | 'truss' | 'tip'
}

/** How high a node of a stem is above the soil, m: along the stem and those it grew from. */
export function nodeHeight(plant: Pick<Plant, 'stems' | 'buried'>, stem: number, node: number): number {
  const { parent, fromNode, nodes } = plant.stems[stem]!
  const base = parent === null ? -plant.buried : nodeHeight(plant, parent, fromNode!)
  const along = nodes.slice(0, node + 1).reduce((sum, { internode }) => sum + internode, 0)
  // A side shoot stands off its stem: half of its length is height.
  return base + (parent === null ? along : along * SIDE_SHOOT_RISE)
}
/** † Of a side shoot's length, what is height. */
const SIDE_SHOOT_RISE = 0.75
