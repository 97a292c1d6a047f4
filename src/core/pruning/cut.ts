import type { Reason } from '../advice'
import type { IsoDate } from '../calendar'
import type { PlantPart } from '../crop'

export type PruningRule =
  | 'prune.sucker'
  | 'prune.sucker-big'
  | 'prune.sucker-shade'
  | 'prune.below-truss'
  | 'prune.clear-stem'
  | 'prune.below-picked'
  | 'prune.sick-leaf'
  | 'prune.failed-truss'
  | 'prune.first-flowers'
  | 'prune.first-flowers-left'
  | 'prune.fused'
  | 'prune.top-season'
  | 'prune.top-season-on-plant'
  | 'prune.top-season-indoors'
  | 'prune.top-season-both'
  | 'prune.top-support'
  | 'prune.below-fork'
  | 'prune.fork-inner'
  | 'prune.nothing'
  | 'prune.bush'
  | 'prune.limit'
  | 'prune.rescue'
  | 'prune.wet'
  | 'prune.rain-tomorrow'
  | 'prune.sunscald'
  | 'prune.leader'
  | 'prune.cutting'
  | 'prune.clean-blade'
  | 'prune.next'
  | 'prune.system'
  | RefusalRule

/** Why a cut is not to be made. */
export type RefusalRule =
  | 'refuse.wet'
  | 'refuse.tip'
  | 'refuse.bush'
  | 'refuse.leader'
  | 'refuse.truss'
  | 'refuse.shade'
  | 'refuse.pepper'
  | 'refuse.limit'
  | 'refuse.needless'
  | 'refuse.later'

/** One cut on a plant, and why; `due`: not now, but on this day. A tip goes above the node that is named. */
export interface Cut extends PlantPart {
  action: 'remove' | 'pinch' | 'tip-back' | 'keep'
  reason: Reason<PruningRule>
  due?: IsoDate
}
