import { dayOf } from '../../core/garden-day'
import { houseOf } from '../../core/garden-day'
import { askedDate, currentState } from '../../data/request'
import { mannerOf } from '../../data/gardens'
import { AlmanacScreen, type AlmanacTab } from './almanac-screen'
import { effectsOf } from './effects'
import { workedValues } from './values'

/** A page of the Almanac as of the ribbon's day. */
export async function AlmanacPage({ tab, asked }: { tab: AlmanacTab; asked: string | undefined }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, asked)
  return (
    <AlmanacScreen
      tab={tab}
      chosen={houseOf(state.garden).chosen}
      effects={effectsOf(state, on)}
      worked={workedValues(state, on)}
      manner={mannerOf(state.garden)}
      query={dayOf(state, on).query}
    />
  )
}
