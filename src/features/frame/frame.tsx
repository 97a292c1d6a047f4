import type { ReactNode } from 'react'
import { KeyHelp } from '../../components/keys/key-help'
import { KeysProvider } from '../../components/keys/keys'
import { QuestionPlace } from '../../components/question'
import type { GardenState } from '../../data/garden-state'
import { DEMO_ID, MADE_UP } from '../../data/demo/id'
import { DemoBar } from './demo-bar'
import { LiveChanges } from './live-changes'
import { ribbonOf, type RibbonData } from './queries'
import { Rail } from './rail'
import { Ribbon } from './ribbon'
import { UndoKey } from './undo-key'

/** What every screen of a garden stands in. */
export function Frame({ state, children }: { state: GardenState; children: ReactNode }) {
  const ribbon = ribbonOrNone(state)
  return (
    <KeysProvider>
      <a
        href="#work"
        className="btn btn-primary min-h-11 absolute top-1 left-1 z-30 -translate-y-20 focus:translate-y-0"
      >
        Skip to main content
      </a>
      <div className="flex min-h-dvh flex-col">
        {state.garden.id === DEMO_ID && state.garden.name.endsWith(MADE_UP) && <DemoBar />}
        {ribbon ? <Ribbon data={ribbon} /> : <PlainHeader state={state} />}
        <div className="flex grow">
          <Rail />
          <main id="work" className="min-w-0 grow max-sm:pb-[calc(var(--foot)+1rem)]">
            {children}
          </main>
        </div>
      </div>
      <QuestionPlace />
      <UndoKey />
      <LiveChanges changes={state.changes} at={new Date().toISOString()} />
      <KeyHelp />
    </KeysProvider>
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

function PlainHeader({ state: { garden, now } }: { state: GardenState }) {
  return (
    <header className="sticky top-0 z-10 short:static min-h-[105px] border-b border-base-300 bg-base-200 px-4 py-2 print:hidden">
      <p className="font-serif text-lg font-semibold">{garden.name}</p>
      <p className="font-semibold">{now}</p>
      <p role="alert">
        Prairie cannot draw the season strip.{' '}
        <a className="link" href="/rescue">
          Rescue
        </a>{' '}
        shows the last entries and a way back.
      </p>
    </header>
  )
}
