import type { ReactNode } from 'react'
import { KeyHelp } from '../../components/keys/key-help'
import { KeysProvider } from '../../components/keys/keys'
import { SureQuestion } from '../../components/sure'
import { WhichQuestion } from '../../components/which'
import type { GardenState } from '../../data/garden-state'
import { ribbonOf } from './queries'
import { Rail } from './rail'
import { Ribbon } from './ribbon'
import { UndoKey } from './undo-key'

/** What every screen of a garden stands in. */
export function Frame({ state, children }: { state: GardenState; children: ReactNode }) {
  return (
    <KeysProvider>
      <a
        href="#work"
        className="btn btn-primary absolute top-1 left-1 z-30 -translate-y-20 focus:translate-y-0"
      >
        To the work
      </a>
      <div className="flex min-h-dvh flex-col">
        <Ribbon data={ribbonOf(state)} />
        <div className="flex grow">
          <Rail />
          <main id="work" className="min-w-0 grow max-sm:pb-20">
            {children}
          </main>
        </div>
      </div>
      <SureQuestion />
      <WhichQuestion />
      <UndoKey />
      <KeyHelp />
    </KeysProvider>
  )
}
