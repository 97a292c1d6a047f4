'use client'

import { Link } from '../../components/link'
import { useRouter } from 'next/navigation'
import { useOptimistic, useState } from 'react'
import { useDrag } from '@use-gesture/react'
import { useKeys } from '../../components/keys/keys'
import { useAct } from '../../components/act/use-act'
import type { NewEntry } from '../../components/act/act-drafts'
import { addDays } from '../../core/calendar'
import { formatDate } from '../../wording/dates'
import { DaysAhead } from './days-ahead'
import { FirstAnswerPart } from './first-answer'
import { FirstWeekPart } from './first-week-part'
import { tendingEntries } from './tending-entries'
import type { Open, StopActs } from './stop-acts'
import { StopDetail } from './stop-detail'
import { StopList } from './stop-list'
import { SummaryPart } from './summary-part'
import type { Round, Stop } from './types'
import { useListScroll } from './use-list-scroll'

/** px that a finger goes along before it is a swipe to the next stop. */
const SWIPE = 60

/** The round: the list, and one stop large; on a phone one or the other. */
export function RoundScreen({ round }: { round: Round }) {
  const { on, now, manner } = round
  const router = useRouter()
  const { act, isAhead: ahead } = useAct(round)
  // A call that is answered is gone at once; the fresh round no longer holds it.
  const [answered, setAnswered] = useOptimistic<readonly string[]>([])
  const [chosen, setChosen] = useState<string | null>(null)
  const [open, setOpen] = useState<Open>(null)
  const [sumsUp, setSumsUp] = useState(false)
  const [early, setEarly] = useState<string | null>(null)
  useListScroll(chosen !== null || sumsUp)

  const isOpen = ({ call }: Stop) => !answered.includes(call)
  const stops = round.stops.filter(isOpen)
  const coming = round.coming.filter(isOpen)
  const all = [...stops, ...coming]
  // With nothing chosen the round goes on at its first stop; after its last one it is done.
  const stop = all.find(({ call }) => call === chosen) ?? stops[0] ?? null
  const index = stop ? all.indexOf(stop) : -1
  const isComing = stop !== null && coming.includes(stop)
  /** What is not due yet is done only after it was asked for. */
  const isEarly = isComing && early === stop.call

  const select = (call: string) => {
    setChosen(call)
    setOpen(null)
    setSumsUp(false)
  }

  /** Answers the stop that is shown. A form closes, and the next stop of the day comes, when what it holds is saved. */
  const answer = async (entries: readonly NewEntry[], said: string) => {
    const { call } = stop!
    const isTyped = open !== null
    const next = stops[stops.findIndex((one) => one.call === call) + 1]?.call ?? null
    const isSaved = await act({
      entries,
      said: isEarly ? `${said.replace(/\.$/, '')}, before it was due.` : said,
      begin: () => !isTyped && setChosen(next),
      atOnce: () => !isTyped && setAnswered((before) => [...before, call]),
    })
    if (!isSaved || !isTyped) return
    setOpen(null)
    setChosen(next)
  }

  /** How long a stop took, for the garden's own working times. */
  const timed = ({ kind: work, subject, usualMinutes: usual }: Stop, minutes: number | null) =>
    minutes === null ? [] : [{ subject, kind: 'timed' as const, data: { work, minutes, usual } }]

  /** Works and cuts on all plants but those that are left out. */
  const tended = (except: readonly string[], note: string, minutes: number | null) => {
    if (stop?.act.type !== 'tend') return
    const [first, ...more] = tendingEntries(stop.subject, stop.act, except)
    if (!first) return setOpen(null)
    void answer(
      [{ ...first, note }, ...more, ...timed(stop, minutes)],
      `${stop.place}: ${stop.title.toLowerCase()}.`,
    )
  }

  const acts: StopActs = {
    tended,
    open,
    setOpen,
    done: () => {
      if (!stop) return
      const due = stop.act
      if (due.type === 'tend') tended([], '', null)
      else if (due.type === 'open')
        router.push(on === now ? due.href : `${due.href}${due.href.includes('?') ? '&' : '?'}on=${on}`)
      else if (due.type === 'ask') setOpen('adjust')
      else
        void answer(
          [{ subject: stop.entrySubject, kind: due.kind, data: due.data }],
          `${stop.place}: ${stop.doneLabel.toLowerCase()}.`,
        )
    },
    keep: (numbers, note, minutes) => {
      if (!stop || stop.act.type === 'open' || stop.act.type === 'tend') return
      const data = { ...stop.act.data, ...numbers } as NewEntry['data']
      void answer(
        [{ subject: stop.entrySubject, kind: stop.act.kind, data, note }, ...timed(stop, minutes)],
        `${stop.place}: entered as adjusted.`,
      )
    },
    putOff: (days) => {
      const until = addDays(on, days)
      const { subject, call, place } = stop!
      void answer(
        [{ subject, kind: 'put-off', data: { call, until } }],
        `${place}: put off until ${formatDate(until, manner)}.`,
      )
    },
    note: async (note, photo) => {
      const { entrySubject: subject, place } = stop!
      const said = photo ? `${place}: photo kept.` : `${place}: noted.`
      if (await act({ entries: [{ subject, kind: 'note', data: {}, note }], photo, said })) setOpen(null)
    },
    decline: (why) => {
      const { subject, call, place } = stop!
      void answer([{ subject, kind: 'declined', data: { call, why }, note: why }], `${place}: not doing.`)
    },
  }

  const step = (by: number) => () => {
    const next = all[index < 0 ? 0 : Math.min(all.length - 1, Math.max(0, index + by))]
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
    if (next) select(next.call)
  }
  const acting = (run: () => void) => () => {
    if (!ahead && stop && (!isComing || isEarly) && !sumsUp) run()
  }
  const back = () => {
    setOpen(null)
    setSumsUp(false)
    setChosen(null)
  }
  useKeys([
    { key: 'j', label: 'next stop', run: step(1) },
    { key: 'k', label: 'stop before', run: step(-1) },
    { key: 'Enter', label: 'done', run: acting(acts.done) },
    { key: 'e', label: 'adjust the number', run: acting(() => setOpen('adjust')) },
    { key: 'z', label: 'put off', run: acting(() => setOpen('put-off')) },
    { key: 'x', label: 'not doing', run: acting(() => setOpen('decline')) },
    { key: 'o', label: 'note or photo', run: acting(() => setOpen('note')) },
    { key: 'Escape', label: 'close, or back to the list', run: back },
  ])

  const swipes = useDrag(
    ({ last, movement: [along], event }) => {
      if (last && event.type.startsWith('touch') && Math.abs(along) >= SWIPE) step(along < 0 ? 1 : -1)()
    },
    { axis: 'x', pointer: { touch: true, keys: false } },
  )
  const query = on === now ? '' : `?on=${on}`

  return (
    <div className="flex h-full max-sm:block">
      <section
        className={`w-[27rem] shrink-0 border-r border-base-300 max-lg:w-80 max-sm:w-auto max-sm:border-r-0 ${chosen || sumsUp ? 'max-sm:hidden' : ''}`}
      >
        <div className="border-b border-base-300 px-4 py-4">
          <h1 className="text-2xl font-semibold">{round.heading}</h1>
          {round.carry && <p className="mt-1 text-quiet">{round.carry}</p>}
          {round.weather && <p className="mt-1 font-semibold text-water">{round.weather}</p>}
          <div className="mt-2 flex flex-wrap gap-2">
            <Link href={round.newPlantingHref} className="btn btn-sm min-h-11 bg-base-100">
              New planting
            </Link>
            {round.plantingDayHref && (
              <Link href={round.plantingDayHref} className="btn btn-sm min-h-11 bg-base-100">
                Planting day
              </Link>
            )}
            {round.stops.length > 0 && (
              <>
                <Link href={`/walk/sheet${query}`} className="btn btn-sm min-h-11 bg-base-100">
                  On paper
                </Link>
                {!ahead && (
                  <Link href={`/walk/paper${query}`} className="btn btn-sm min-h-11 bg-base-100">
                    Enter from paper
                  </Link>
                )}
              </>
            )}
            {round.stops.length > 1 && (
              <Link href={`/walk/order${query}`} className="btn btn-sm min-h-11 bg-base-100">
                Order of places
              </Link>
            )}
            {(round.stops.length > 0 || round.done.length > 0) && (
              <button
                type="button"
                className="btn btn-sm min-h-11 bg-base-100"
                aria-pressed={sumsUp}
                onClick={() => {
                  setSumsUp(!sumsUp)
                  setChosen(null)
                }}
              >
                Sum up
              </button>
            )}
          </div>
        </div>
        {round.firstWeek && <FirstWeekPart week={round.firstWeek} />}
        <StopList
          round={round}
          stops={stops}
          coming={coming}
          selected={stop?.call ?? null}
          onSelect={select}
        />
      </section>
      <section
        className={`min-w-0 grow px-6 py-4 max-sm:px-4 sm:sticky sm:top-[6.5625rem] sm:max-h-[calc(100dvh-6.5625rem)] sm:self-start sm:overflow-y-auto ${chosen || sumsUp ? '' : 'max-sm:hidden'}`}
      >
        <button className="btn mb-3 min-h-11 sm:hidden" onClick={back}>
          Back to the round
        </button>
        <DaysAhead days={round.days} />
        {round.firstAnswer && (
          <FirstAnswerPart answer={round.firstAnswer} newPlantingHref={round.newPlantingHref} />
        )}
        {sumsUp ? (
          <SummaryPart summary={round.summary} />
        ) : stop ? (
          <div className="touch-pan-y" {...swipes()}>
            <StopDetail
              stop={stop}
              number={isComing ? null : index + 1}
              manner={manner}
              ahead={ahead}
              early={isComing && !isEarly ? () => setEarly(stop.call) : null}
              acts={acts}
            />
          </div>
        ) : (
          !round.firstAnswer && (
            <>
              <h2 className="text-2xl font-semibold" role="status">
                {round.done.length > 0 ? 'Today’s round is done.' : 'Nothing to do today.'}
              </h2>
              <p className="mt-1 text-lg">
                {coming.length > 0
                  ? 'Choose a stop under Coming this week to look at it, or to do it early.'
                  : 'What comes next shows here on its day; drag the marker above to look ahead.'}
              </p>
              <SummaryPart summary={round.summary} />
            </>
          )
        )}
      </section>
    </div>
  )
}
