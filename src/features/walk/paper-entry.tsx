'use client'

import { Link } from '../../components/link'
import { useRouter } from '../../components/offline'
import { useState } from 'react'
import { Ahead } from '../../components/act/ahead'
import { useAct } from '../../components/act/use-act'
import { TextField } from '../../components/forms/fields'
import { formatDate } from '../../wording/dates'
import { sayCount } from '../../wording/say'
import { entriesOnPaper, NOTHING_WRITTEN, type PaperAnswer } from './paper-answers'
import type { Round, Stop } from './types'

/** What was ticked on paper, entered in one act: all of it or nothing. */
export function PaperEntry({ round }: { round: Round }) {
  const { on, now, manner, stops } = round
  const router = useRouter()
  const [answers, setAnswers] = useState<Record<string, PaperAnswer>>({})
  const [problems, setProblems] = useState<Record<string, string>>({})
  const { busy, isAhead, act } = useAct(round)
  const query = on === now ? '' : `?on=${on}`
  const answerOf = ({ call }: Stop) => answers[call] ?? NOTHING_WRITTEN
  const write = ({ call }: Stop, change: Partial<PaperAnswer>) =>
    setAnswers((before) => ({ ...before, [call]: { ...(before[call] ?? NOTHING_WRITTEN), ...change } }))
  const ticked = stops.filter((stop) => answerOf(stop).ticked)

  const keep = async () => {
    const read = ticked.map((stop) => ({ stop, read: entriesOnPaper(stop, answerOf(stop), manner) }))
    const wrong = read.flatMap(({ stop, read }) => ('problem' in read ? [[stop.call, read.problem]] : []))
    setProblems(Object.fromEntries(wrong))
    if (wrong.length > 0) return
    const entries = read.flatMap(({ read }) => ('entries' in read ? read.entries : []))
    if (await act({ entries, said: `${sayCount(ticked.length, 'stop')} entered from paper.` }))
      router.push(`/walk${query}`)
  }

  return (
    <form
      aria-label="Enter from paper"
      className="max-w-4xl px-6 py-4 max-sm:px-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <Link href={`/walk${query}`} className="link">
        Walk
      </Link>
      <h1 className="mt-1 text-3xl font-semibold">What did you do on {formatDate(on, manner, 'full')}?</h1>
      <p className="mt-1 text-lg text-quiet">
        Tick what you ticked on the sheet. A number you leave blank is saved as advised.
      </p>
      {isAhead ? (
        <div className="mt-4">
          <Ahead />
        </div>
      ) : stops.length === 0 ? (
        <p className="mt-4">Nothing was due on this day, so there is nothing to enter.</p>
      ) : (
        <>
          <ol className="mt-4" aria-label="Stops">
            {stops.map((stop, index) => (
              <PaperRow
                key={stop.call}
                stop={stop}
                number={index + 1}
                answer={answerOf(stop)}
                problem={problems[stop.call]}
                onWrite={(change) => write(stop, change)}
              />
            ))}
          </ol>
          <div className="sticky bottom-0 border-t border-base-300 bg-base-100 py-3 max-sm:bottom-14">
            <button className="btn min-h-11 btn-primary" disabled={busy || ticked.length === 0}>
              {ticked.length === 0 ? 'Nothing is ticked' : `Enter ${sayCount(ticked.length, 'stop')}`}
            </button>
          </div>
        </>
      )}
    </form>
  )
}

function PaperRow({
  stop,
  number,
  answer,
  problem,
  onWrite,
}: {
  stop: Stop
  number: number
  answer: PaperAnswer
  problem: string | undefined
  onWrite: (change: Partial<PaperAnswer>) => void
}) {
  const { act, place, title } = stop
  return (
    <li className="border-t border-base-300 py-1.5">
      <label className={`flex min-h-11 items-center gap-3 ${act.type === 'open' ? 'text-quiet' : ''}`}>
        <input
          type="checkbox"
          className="checkbox"
          checked={answer.ticked}
          disabled={act.type === 'open'}
          onChange={({ target }) => onWrite({ ticked: target.checked })}
        />
        <span className="w-7 text-right text-quiet tabular-nums">{number}</span>
        <span>
          <strong>{place}</strong>: {title}
          {act.type === 'open' && (
            <>
              {' '}
              <Link className="link" href={act.href}>
                on its own screen
              </Link>
            </>
          )}
        </span>
      </label>
      {answer.ticked && act.type !== 'open' && (
        <div className="mb-2 ml-10 grid gap-3 sm:grid-cols-3">
          {act.type === 'tend' ? (
            <TextField
              label="Plants you left out (labels)"
              value={answer.except}
              onChange={({ target }) => onWrite({ except: target.value })}
            />
          ) : (
            act.fields.map(({ name, label, initial }) => (
              <TextField
                key={name}
                label={label}
                placeholder={initial}
                value={answer.numbers[name] ?? ''}
                onChange={({ target }) => onWrite({ numbers: { ...answer.numbers, [name]: target.value } })}
              />
            ))
          )}
          <TextField
            label="Note (optional)"
            maxLength={500}
            value={answer.note}
            onChange={({ target }) => onWrite({ note: target.value })}
          />
        </div>
      )}
      {problem && (
        <p role="alert" className="mb-2 ml-10 font-semibold text-cut">
          {problem}
        </p>
      )}
    </li>
  )
}
