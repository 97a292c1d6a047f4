import type { Day } from '../../data/garden-state'
import { AlmanacScreen, type AlmanacTab } from './almanac-screen'
import { effectsOf } from './effects'
import { followedOf } from './score/queries'
import { workedValues } from './values'

/** A page of the Almanac as of the ribbon's day. */
export const AlmanacPage = ({ tab, day }: { tab: AlmanacTab; day: Day }) => (
  <AlmanacScreen
    tab={tab}
    chosen={day.house.chosen}
    effects={effectsOf(day)}
    worked={workedValues(day)}
    followed={followedOf(day)}
    manner={day.manner}
    query={day.query}
  />
)
