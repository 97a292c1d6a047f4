'use client'

import type { Ref } from 'react'
import { ChevronLeft } from 'lucide-react'
import { Ahead } from '../../components/act/ahead'
import { later } from '../../components/later'
import { Cautions, Why, PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { StopPicture } from './stop-picture'
import { TendForm } from './tend-form'
import { TendedPlants } from './tended-plants'
import type { Stop } from './types'
import { WaitForm } from './wait-form'
import type { StopActs } from './stop-acts'
import { StopButtons } from './stop-buttons'

// The forms and their checks come when a number is adjusted.
const ActForm = later(() => import('./act-form').then(({ ActForm }) => ActForm))
const NoteForm = later(() => import('./note-form').then(({ NoteForm }) => NoteForm))

/** One stop, large: the answer, the one reason that decided it, the picture, the acts, why, and the caution. */
export function StopDetail({
  stop,
  heading,
  at,
  next,
  manner,
  ahead,
  early,
  acts,
  onBack,
  onNext,
}: {
  stop: Stop
  /** Where the focus goes when the stop comes. */
  heading: Ref<HTMLHeadingElement>
  /** Where in the round it stands, in words. */
  at: string
  next: Stop | null
  manner: Manner
  ahead: boolean
  /** Asks to do it before it is due; null: it is due, or was asked for. */
  early: (() => void) | null
  acts: StopActs
  onBack: () => void
  onNext: (call: string) => void
}) {
  const { open, setOpen } = acts
  const isForNow = !ahead && !early
  return (
    <article aria-label={stop.title} className={isForNow && open === null ? 'max-sm:pb-40' : ''}>
      <div className="max-sm:sticky max-sm:top-0 max-sm:z-10 max-sm:-mx-4 max-sm:bg-base-100 max-sm:px-4 max-sm:pb-2">
        <p className="flex items-center justify-between text-quiet">
          <button
            className="-ml-2 inline-flex min-h-14 items-center gap-1 px-2 text-base-content lg:hidden"
            onClick={onBack}
          >
            <ChevronLeft aria-hidden className="size-5" /> Round
          </button>
          <span>
            {at}
            <span className="max-sm:hidden">{` · ${stop.place} · ${stop.cultivar}`}</span>
          </span>
        </p>
        <p className="text-quiet sm:hidden">
          {stop.place} · {stop.cultivar}
        </p>
        <h2 ref={heading} tabIndex={-1} className="mt-0.5 text-2xl leading-tight font-bold outline-none">
          <span className="sr-only">{stop.place}: </span>
          {stop.title}
        </h2>
      </div>
      <p className="mt-1.5 text-lg leading-snug text-quiet">{stop.deciding}</p>
      <p className="mt-1.5 flex flex-wrap gap-x-4">
        <span>{stop.minutes}</span>
        <span>{stop.window}</span>
        {stop.tools && <span>bring {stop.tools}</span>}
        {stop.weather && (
          <span className={stop.weather.suits ? '' : 'font-semibold text-cut'}>{stop.weather.text}</span>
        )}
      </p>
      {isForNow && stop.books && <p className="mt-1.5 text-quiet">{stop.books}</p>}
      <div className="stop-picture my-4">
        <StopPicture picture={stop.picture} manner={manner} />
      </div>
      {ahead ? (
        <Ahead />
      ) : early ? (
        <div className="border-l-4 border-frost bg-base-200 px-3 py-2">
          <p>This is not due yet ({stop.when}). Done early, it is saved with today’s date.</p>
          <button className="btn mt-2 min-h-14 bg-base-100 sm:min-h-11" onClick={early}>
            Do it early
          </button>
        </div>
      ) : (
        <StopButtons stop={stop} acts={acts} />
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
            label={`Details: ${stop.title}`}
            onKeep={acts.keep}
            onCancel={() => setOpen(null)}
          />
        )}
        {open === 'note' && <NoteForm key={stop.call} onKeep={acts.note} onCancel={() => setOpen(null)} />}
        {(open === 'put-off' || open === 'decline') && (
          <WaitForm key={stop.call + open} kind={open} acts={acts} />
        )}
      </div>
      {next && (
        <button
          className="mt-2 flex min-h-14 w-full items-center border-t border-base-300 text-left text-quiet lg:hidden"
          onClick={() => onNext(next.call)}
        >
          Next: {next.place} · {next.title}
        </button>
      )}
      <div className="mt-4 grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
        <div className="space-y-4">
          {stop.act.type === 'tend' && <TendedPlants alike={stop.act.alike} />}
          <Why within reasons={stop.reasons} />
          {stop.ifItWaits && (
            <section>
              <PartHeading within>If you put this off</PartHeading>
              <p>{stop.ifItWaits}</p>
            </section>
          )}
        </div>
        <Cautions texts={stop.cautions} />
      </div>
    </article>
  )
}
