import type { ReactNode } from 'react'
import type { GardenState } from '../../data/garden-state'
import { DEMO_ID, MADE_UP } from '../../data/demo/id'
import { DemoBar } from './demo-bar'
import { FrameAround } from './frame-around'
import { LiveChanges } from './live-changes'
import { ribbonOf, type RibbonData } from './queries'

/** What every screen of a garden stands in, as the server makes it. */
export function Frame({ state, children }: { state: GardenState; children: ReactNode }) {
  const isMadeUp = state.garden.id === DEMO_ID && state.garden.name.endsWith(MADE_UP)
  return (
    <FrameAround
      ribbon={ribbonOrNone(state)}
      name={state.garden.name}
      now={state.now}
      above={isMadeUp && <DemoBar />}
      beside={<LiveChanges changes={state.changes} at={new Date().toISOString()} />}
    >
      {children}
    </FrameAround>
  )
}

/** The ribbon; null: it cannot be worked out, and the screens must be reached anyway. */
function ribbonOrNone(state: GardenState): RibbonData | null {
  try {
    return ribbonOf(state)
  } catch (error) {
    console.error(error)
    return null
  }
}
