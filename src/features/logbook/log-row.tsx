'use client'

import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { undo } from '../../data/log-actions'
import type { LogLine } from './queries'

// The form and its checks come when an entry is corrected.
const CorrectForm = dynamic(() => import('./correct-form').then((module) => module.CorrectForm))

/** One entry: what it says, and ways to correct it or take it back. */
export function LogRow({ line, manner, now }: { line: LogLine; manner: Manner; now: IsoDate }) {
  const { id, about, said, note, taken } = line
  const [open, setOpen] = useState(false)
  const [busy, start] = useTransition()
  const router = useRouter()
  const takeBack = () =>
    start(async () => {
      const answer = await undo({ id: v7(), entry: id }).catch(() => null)
      if (answer === null)
        return void toast.error('The server did not answer: nothing was taken back. Try again.')
      if (!answer.ok) return void toast.error(answer.message)
      toast(`Taken back: ${about}, ${said}.`)
      router.refresh()
    })
  return (
    <li className="border-t border-base-300 py-1">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <p className={`min-w-0 break-words ${taken ? 'text-quiet line-through' : ''}`}>
          <strong>{about}</strong>: {said}
          {note && <span className="text-quiet"> ({note})</span>}
        </p>
        {taken ? (
          <span className="flex min-h-11 items-center text-sm text-quiet">taken back</span>
        ) : (
          <span className="flex">
            <button
              type="button"
              className="btn min-h-11 btn-ghost"
              aria-expanded={open}
              aria-label={`Correct: ${about}, ${said}`}
              onClick={() => setOpen(!open)}
            >
              Correct
            </button>
            <button
              type="button"
              className="btn min-h-11 btn-ghost"
              disabled={busy}
              aria-label={`Take back: ${about}, ${said}`}
              onClick={takeBack}
            >
              Take back
            </button>
          </span>
        )}
      </div>
      {open && !taken && <CorrectForm line={line} manner={manner} now={now} onDone={() => setOpen(false)} />}
    </li>
  )
}
