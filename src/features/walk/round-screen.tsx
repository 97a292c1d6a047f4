'use client'

import { useRouter } from '../../components/offline'
import { useEffect, useOptimistic, useState } from 'react'
import { useDrag } from '@use-gesture/react'
import { useKeys } from '../../components/keys/keys'
import { useAct } from '../../components/act/use-act'
import { setWayBack } from '../../components/act/way-back'
import { remember, useRemembered } from '../../components/use-remembered'
import type { NewEntry } from '../../components/act/act-drafts'
import { addDays } from '../../core/calendar'
import { sayAnswered } from '../../wording/round'
import { DaysAhead } from './days-ahead'
import { FirstAnswerPart } from './first-answer'
import { FirstWeekPart } from './first-week-part'
import { tendingEntries } from './tending-entries'
import { CANT_TELL, NOT_YET, type Open, type StopActs } from './stop-acts'
import { RoundHead } from './round-head'
import { StopDetail } from './stop-detail'
import { StopList } from './stop-list'
import { SummaryPart } from './summary-part'
import type { Round, Stop } from './types'
import { useListScroll } from './use-list-scroll'
import { useToldHeading } from './use-told-heading'
import { useStopAddress } from './use-stop-address'

/** px that a finger goes along before it is a swipe to the next stop. */
const SWIPE = 60

/** What this browser remembers the part under that is walked on it. */
const PART_KEY = 'round-part'

const isIn = ({ stops, coming }: Round, call: string | null) =>
  [...stops, ...coming].some((stop) => stop.call === call)

/** The round: the list, and one stop large; on a phone one or the other. */
export function RoundScreen({ round }: { round: Round }) {
  const { on, now, manner } = round
  const router = useRouter()
  const { act, isAhead: ahead } = useAct(round)
  // A call that is answered is gone at once; the fresh round no longer holds it.
  const [answered, setAnswered] = useOptimistic<readonly string[]>([])
  const { chosen, choose, goOn, leave } = useStopAddress(round)
  /** What is open below which stop: the form of one is not another's. */
  const [form, setForm] = useState<{ of: string; open: Open } | null>(null)
  const [sumsUp, setSumsUp] = useState(false)
  const [early, setEarly] = useState<string | null>(null)
  const large = useListScroll(sumsUp ? 'sum' : chosen)

  const chosenPart = useRemembered(PART_KEY, '')
  // A stop that a link leads to is shown, whoever's it is.
  const part =
    round.parts.find(
      ({ id, calls }) => id === chosenPart && (!isIn(round, chosen) || calls.includes(chosen!)),
    ) ?? null
  const isOpen = ({ call }: Stop) => !answered.includes(call) && (part?.calls.includes(call) ?? true)
  const stops = round.stops.filter(isOpen)
  const coming = round.coming.filter(isOpen)
  const all = [...stops, ...coming]
  // With nothing chosen the round goes on at its first stop; after its last one it is done.
  const stop = all.find(({ call }) => call === chosen) ?? stops[0] ?? null
  const index = stop ? all.indexOf(stop) : -1
  const isComing = stop !== null && coming.includes(stop)
  /** What is not due yet is done only after it was asked for. */
  const isEarly = isComing && early === stop.call
  const open = stop && form?.of === stop.call ? form.open : null
  const setOpen = (next: Open) => setForm(stop && { of: stop.call, open: next })
  const shut = (of: string) => setForm((now) => (now?.of === of ? null : now))
  const [heading, tell] = useToldHeading(stop?.call ?? null)

  const select = (call: string) => {
    tell()
    choose(call)
    setForm(null)
    setSumsUp(false)
  }

  /** Answers the stop that is shown. A form closes, and the next stop of the day comes, when what it holds is saved. */
  const answer = async (entries: readonly NewEntry[], said: string, name?: string) => {
    const { call } = stop!
    const isTyped = open !== null
    tell()
    const next = stops[stops.findIndex((one) => one.call === call) + 1]?.call ?? null
    const isSaved = await act({
      entries,
      name,
      said: isEarly ? sayAnswered.early(said) : said,
      begin: () => !isTyped && choose(next),
      atOnce: () => !isTyped && setAnswered((before) => [...before, call]),
    })
    if (!isSaved || !isTyped) return
    shut(call)
    goOn(chosen, next)
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
      except.length === 0
        ? sayAnswered.done(stop.place, lowered(stop.doneLabel))
        : sayAnswered.notOn(stop.place, except.length),
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
      else if (due.type === 'open') {
        const following = stops[stops.indexOf(stop) + 1]
        const at = new URLSearchParams({
          ...(on === now ? {} : { on }),
          ...(following ? { stop: following.call } : {}),
        })
        setWayBack(`/walk?${at}`)
        router.push(on === now ? due.href : `${due.href}${due.href.includes('?') ? '&' : '?'}on=${on}`)
      } else if (due.type === 'ask') setOpen('adjust')
      else
        void answer(
          [{ subject: stop.entrySubject, kind: due.kind, data: due.data }],
          sayAnswered.done(stop.place, stop.look?.found ?? lowered(stop.doneLabel)),
        )
    },
    keep: (numbers, note, minutes) => {
      if (!stop || stop.act.type === 'open' || stop.act.type === 'tend') return
      const data = { ...stop.act.data, ...numbers } as NewEntry['data']
      void answer(
        [{ subject: stop.entrySubject, kind: stop.act.kind, data, note }, ...timed(stop, minutes)],
        stop.look ? sayAnswered.done(stop.place, stop.look.found) : sayAnswered.asEntered(stop.place),
        `${stop.place}: ${lowered(stop.title)}`,
      )
    },
    putOff: (days) => {
      const until = addDays(on, days)
      const { subject, call, place } = stop!
      void answer(
        [{ subject, kind: 'put-off', data: { call, until } }],
        sayAnswered.later(place, until, manner),
      )
    },
    notYet: (days, why) => {
      const until = addDays(on, days)
      const { subject, call, place, look } = stop!
      const said = why === NOT_YET ? look!.notYet : 'you can’t tell yet'
      void answer(
        [{ subject, kind: 'put-off', data: { call, until }, note: why }],
        sayAnswered.lookAgain(place, said, until, manner),
      )
    },
    note: async (note, photo) => {
      const { call, entrySubject: subject, place } = stop!
      const said = sayAnswered.kept(place, photo ? 'photo' : 'note')
      if (await act({ entries: [{ subject, kind: 'note', data: {}, note }], photo, said })) shut(call)
    },
    decline: (why) => {
      const { subject, call, place } = stop!
      void answer([{ subject, kind: 'declined', data: { call, why }, note: why }], sayAnswered.skipped(place))
    },
  }

  useEffect(() => setWayBack(null), [])

  const step = (by: number) => () => {
    const next = all[index < 0 ? 0 : Math.min(all.length - 1, Math.max(0, index + by))]
    if (next) select(next.call)
  }
  const acting = (run: () => void) => () => {
    if (!ahead && stop && (!isComing || isEarly) && !sumsUp) run()
  }
  const back = () => {
    setForm(null)
    setSumsUp(false)
    leave()
  }
  useKeys([
    { key: 'j', label: 'next stop', run: step(1) },
    { key: 'k', label: 'stop before', run: step(-1) },
    ...(stop?.look
      ? [
          { key: '1', label: 'yes', run: acting(acts.done) },
          { key: '2', label: 'not yet', run: acting(() => acts.notYet(2, NOT_YET)) },
          { key: '3', label: 'can’t tell', run: acting(() => acts.notYet(1, CANT_TELL)) },
        ]
      : [{ key: 'Enter', label: 'done', run: acting(acts.done) }]),
    { key: 'e', label: 'change what is saved', run: acting(() => stop?.change && setOpen('adjust')) },
    { key: 'z', label: 'later', run: acting(() => !stop?.look && setOpen('put-off')) },
    { key: 'x', label: 'skip', run: acting(() => setOpen('decline')) },
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
    <div className="flex h-full max-lg:block">
      <section
        className={`w-[27rem] shrink-0 max-2xl:w-[24rem] border-r border-base-300 max-lg:w-auto max-lg:border-r-0 ${chosen || sumsUp ? 'max-lg:hidden' : ''}`}
      >
        <RoundHead
          round={round}
          query={query}
          ahead={ahead}
          part={part}
          onPart={(id) => {
            remember(PART_KEY, id)
            choose(null)
          }}
          sumsUp={sumsUp}
          onSumUp={() => {
            setSumsUp(!sumsUp)
            choose(null)
          }}
        />
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
        ref={large}
        className={`min-w-0 grow px-6 py-4 max-sm:px-4 lg:sticky lg:top-(--ribbon) lg:max-h-[calc(100dvh-var(--ribbon))] lg:self-start lg:overflow-y-auto ${chosen || sumsUp || round.firstAnswer ? '' : 'max-lg:hidden'}`}
      >
        {sumsUp && (
          <button className="btn mb-3 min-h-14 lg:hidden" onClick={back}>
            Back to the round
          </button>
        )}
        <div className={chosen && !sumsUp ? 'max-lg:hidden' : ''}>
          <DaysAhead days={round.days} />
        </div>
        {round.firstAnswer && (
          <FirstAnswerPart
            answer={round.firstAnswer}
            manner={manner}
            newPlantingHref={round.newPlantingHref}
          />
        )}
        {sumsUp ? (
          <SummaryPart summary={round.summary} />
        ) : stop ? (
          <div className="touch-pan-y" {...swipes()}>
            <StopDetail
              stop={stop}
              heading={heading}
              at={isComing ? 'Coming this week' : `Stop ${index + 1} of ${stops.length}`}
              next={all[index + 1] ?? null}
              onBack={back}
              onNext={select}
              manner={manner}
              ahead={ahead}
              early={isComing && !isEarly ? () => setEarly(stop.call) : null}
              acts={acts}
            />
          </div>
        ) : (
          !round.firstAnswer && (
            <>
              <h2 ref={heading} tabIndex={-1} className="text-2xl font-semibold outline-none" role="status">
                {round.done.length > 0 ? 'Today’s round is done.' : 'Nothing to do today.'}
              </h2>
              <p className="mt-1 text-lg">
                {coming.length > 0
                  ? 'Choose a stop under Coming this week to see it or do it early.'
                  : 'The next jobs show here on their day. Drag the marker above to look ahead.'}
              </p>
              <SummaryPart summary={round.summary} />
            </>
          )
        )}
      </section>
    </div>
  )
}

/** Words that stand inside a sentence: `Watered, 5 L` is `watered, 5 L`. */
const lowered = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
