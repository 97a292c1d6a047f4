import type { ReactNode } from 'react'
import { KeyHelp } from '../../components/keys/key-help'
import { KeysProvider } from '../../components/keys/keys'
import { QuestionPlace } from '../../components/question'
import type { IsoDate } from '../../core/calendar'
import type { RibbonData } from './queries'
import { Rail } from './rail'
import { Ribbon } from './ribbon'
import { UndoKey } from './undo-key'

/** The ribbon, the rail and the keys around a screen, wherever it is made. @param ribbon null: it cannot be drawn */
export function FrameAround({
  ribbon,
  name,
  now,
  above,
  beside,
  children,
}: {
  ribbon: RibbonData | null
  name: string
  now: IsoDate
  above?: ReactNode
  beside?: ReactNode
  children: ReactNode
}) {
  return (
    <KeysProvider>
      <a
        href="#work"
        className="btn btn-primary min-h-11 absolute top-1 left-1 z-30 -translate-y-20 focus:translate-y-0"
      >
        Skip to main content
      </a>
      <div className="flex min-h-dvh flex-col">
        {above}
        {ribbon ? <Ribbon data={ribbon} /> : <PlainHeader name={name} now={now} />}
        <div className="flex grow">
          <Rail />
          <main id="work" className="min-w-0 grow max-sm:pb-[calc(var(--foot)+1rem)]">
            {children}
          </main>
        </div>
      </div>
      <QuestionPlace />
      <UndoKey />
      {beside}
      <KeyHelp />
    </KeysProvider>
  )
}

function PlainHeader({ name, now }: { name: string; now: IsoDate }) {
  return (
    <header className="sticky top-0 z-10 short:static min-h-[105px] border-b border-base-300 bg-base-200 px-4 py-2 print:hidden">
      <p className="font-serif text-lg font-semibold">{name}</p>
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
