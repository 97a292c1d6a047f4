import type { Reason } from '../advice'

/** How a plant goes in: m, d. */
export interface DepthAnswer {
  method: 'upright' | 'trench'
  stemBuried: number
  holeDepth: number
  trenchLength: number | null
  /** Indexes into `leafHeights`. */
  leavesToStrip: number[]
  leavesKept: number
  delayDays: number
  /** Why not to plant now. */
  wait?: 'cold-soil' | 'no-growth' | 'shallow-soil'
}

export type DepthRule =
  | 'depth.long-season'
  | 'depth.short-season'
  | 'depth.leggy'
  | 'depth.floor-warm'
  | 'depth.floor-cold'
  | 'depth.floor-hard'
  | 'depth.trench-warm'
  | 'depth.trench-no'
  | 'depth.pepper-level'
  | 'depth.graft-clear'
  | 'depth.graft-too-low'
  | 'depth.leaves-kept'
  | 'depth.few-leaves'
  | 'depth.clipped'
  | 'depth.wait-cold'
  | 'depth.wait-no-growth'
  | 'depth.wait-shallow'
  | 'depth.rooting-gained'
  | 'depth.rooting-lost'
  | 'depth.flowers-sooner'
  | 'depth.flowers-later'
  | 'depth.same'

export type DepthReason = Reason<DepthRule>
