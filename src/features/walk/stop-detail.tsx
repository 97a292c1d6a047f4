'use client'

import { Ahead } from '../../components/act/ahead'
import { later } from '../../components/later'
import { Cautions, Why, PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { StopPicture } from './stop-picture'
import { TendForm } from './tend-form'
import { TendedPlants } from './tended-plants'
import type { Stop } from './types'
import { WaitForm } from './wait-form'
import type { Open, StopActs } from './stop-acts'

// The forms and their checks come when a number is adjusted.
const ActForm = later(() => import('./act-form').then(({ ActForm }) => ActForm))
const NoteForm = later(() => import('./note-form').then(({ NoteForm }) => NoteForm))

/** One stop, large: the answer, the one reason that decided it, the picture, the acts, why, and the caution. */
export function StopDetail({
  stop,
  number,
  manner,
  ahead,
  early,
  acts,
}: {
  stop: Stop
  number: number | null
  manner: Manner
  ahead: boolean
  /** Asks to do it before it is due; null: it is due, or was asked for. */
  early: (() => void) | null
  acts: StopActs
}) {
  const { open, setOpen } = acts
  return (
    <article aria-label={stop.title}>
      <p className="text-quiet">
        {number !== null && `Stop ${number} · `}
        {stop.place} · {stop.cultivar}
      </p>
      <h2 className="mt-0.5 text-2xl leading-tight font-bold">{stop.title}</h2>
      <p className="mt-1.5 text-lg leading-snug text-quiet">{stop.deciding}</p>
      <p className="mt-1.5 flex flex-wrap gap-x-4">
        <span>{stop.minutes}</span>
        <span>{stop.window}</span>
        {stop.tools && <span>take {stop.tools}</span>}
        {stop.weather && (
          <span className={stop.weather.suits ? '' : 'font-semibold text-cut'}>{stop.weather.text}</span>
        )}
      </p>
      <div className="my-4">
        <StopPicture picture={stop.picture} manner={manner} />
      </div>
      {ahead ? (
        <Ahead />
      ) : early ? (
        <div className="border-l-4 border-frost bg-base-200 px-3 py-2">
          <p>This is not due yet ({stop.when}). Done early, it is saved with today’s date.</p>
          <button className="btn mt-2 min-h-11 bg-base-100" onClick={early}>
            Do it early
          </button>
        </div>
      ) : (
        <Buttons stop={stop} acts={acts} />
      )}
      <div className="mt-4">
        {open === 'adjust' && stop.act.type === 'tend' && (
          <TendForm key={stop.call} act={stop.act} onKeep={acts.tended} onCancel={() => setOpen(null)} />
        )}
        {open === 'adjust' && stop.act.type !== 'open' && stop.act.type !== 'tend' && (
          <ActForm
            key={stop.call}
            fields={stop.act.fields}
            manner={manner}
            label={`Adjust: ${stop.title}`}
            onKeep={acts.keep}
            onCancel={() => setOpen(null)}
          />
        )}
        {open === 'note' && <NoteForm key={stop.call} onKeep={acts.note} onCancel={() => setOpen(null)} />}
        {(open === 'put-off' || open === 'decline') && (
          <WaitForm key={stop.call + open} kind={open} acts={acts} />
        )}
      </div>
      <div className="mt-4 grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
        <div className="space-y-4">
          {stop.act.type === 'tend' && <TendedPlants alike={stop.act.alike} />}
          <Why reasons={stop.reasons} />
          {stop.ifItWaits && (
            <section>
              <PartHeading>If it waits</PartHeading>
              <p>{stop.ifItWaits}</p>
            </section>
          )}
        </div>
        <Cautions texts={stop.cautions} />
      </div>
    </article>
  )
}

function Buttons({ stop, acts }: { stop: Stop; acts: StopActs }) {
  const { open, setOpen } = acts
  const toggle = (which: Open) => setOpen(open === which ? null : which)
  return (
    <div className="flex flex-wrap gap-2.5">
      <button className="btn btn-primary min-h-11" onClick={acts.done}>
        {stop.doneLabel} <kbd className="key border-primary-content/60">Enter</kbd>
      </button>
      {stop.act.type !== 'open' && (
        <button
          className="btn min-h-11 bg-base-100"
          aria-expanded={open === 'adjust'}
          onClick={() => toggle('adjust')}
        >
          Adjust <kbd className="key">e</kbd>
        </button>
      )}
      <button
        className="btn min-h-11 bg-base-100"
        aria-expanded={open === 'put-off'}
        onClick={() => toggle('put-off')}
      >
        Put off <kbd className="key">z</kbd>
      </button>
      <button
        className="btn min-h-11 bg-base-100"
        aria-expanded={open === 'decline'}
        onClick={() => toggle('decline')}
      >
        Not doing <kbd className="key">x</kbd>
      </button>
      <button
        className="btn min-h-11 bg-base-100"
        aria-expanded={open === 'note'}
        onClick={() => toggle('note')}
      >
        Note, photo <kbd className="key">o</kbd>
      </button>
    </div>
  )
}
