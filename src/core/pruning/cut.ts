import type { Reason } from '../advice'
import type { IsoDate } from '../calendar'

export type PruningRule =
  | 'prune.sucker'
  | 'prune.sucker-big'
  | 'prune.below-truss'
  | 'prune.clear-stem'
  | 'prune.failed-truss'
  | 'prune.first-flowers'
  | 'prune.top-season'
  | 'prune.top-support'
  | 'prune.nothing'
  | 'prune.bush'
  | 'prune.limit'
  | 'prune.wet'
  | 'prune.clean-blade'
  | 'prune.next'
  | 'prune.system'

/** One cut on a plant, and why; `due`: not now, but on this day. */
export interface Cut {
  stem: number
  node: number
  organ: 'leaf' | 'sucker' | 'truss' | 'tip'
  action: 'remove' | 'pinch' | 'tip-back'
  reason: Reason<PruningRule>
  due?: IsoDate
}
