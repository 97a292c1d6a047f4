import type { Manner } from '../../../core/facts'
import { DripByHand, WaterByHand } from './shown-later'

/** What can be reckoned about water without a record; `alone`: it is all that the page says. */
export function AnyWater({ manner, alone = false }: { manner: Manner; alone?: boolean }) {
  return (
    <div className="space-y-8">
      <WaterByHand manner={manner} alone={alone} />
      <DripByHand manner={manner} />
    </div>
  )
}
