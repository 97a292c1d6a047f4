'use client'

import { later } from '../../components/later'
import { useMemo, useState } from 'react'
import { v7 } from 'uuid'
import { useAct } from '../../components/act/use-act'
import { useRouter } from '../../components/offline'
import { PhotoStrip } from '../../components/photo/photo-strip'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { correctEntry } from './actions'
import type { LogLine } from './queries'

// The form and its checks come when an entry is corrected.
const PhotoPart = later(() => import('./photo-part').then((module) => module.PhotoPart))
const CorrectForm = later(() => import('./correct-form').then((module) => module.CorrectForm))

/** One entry: what it says, and ways to correct it or take it back. */
export function LogRow({ line, manner, now }: { line: LogLine; manner: Manner; now: IsoDate }) {
  const { id, about, said, note, by, taken, closed, photos } = line
  const [open, setOpen] = useState<'correct' | 'photos' | null>(null)
  const { busy, takeBack } = useAct({ on: now, now, manner })
  const ids = useMemo(() => ({ entry: v7(), taken: v7() }), [])
  const router = useRouter()
  const toggle = (which: 'correct' | 'photos') => setOpen(open === which ? null : which)
  return (
    <li className="border-t border-base-300 py-1">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <p className={`min-w-0 break-words ${taken ? 'text-quiet line-through' : ''}`}>
          <strong>{about}</strong>: {said}
          {note && <span className="text-quiet"> ({note})</span>}
          {by && <span className="text-quiet"> · {by}</span>}
        </p>
        {taken ? (
          <span className="flex min-h-11 items-center text-sm text-quiet">undone</span>
        ) : (
          <span className="flex">
            {closed === null ? (
              <button
                type="button"
                className="btn min-h-11 btn-ghost"
                aria-expanded={open === 'correct'}
                aria-label={`Correct: ${about}, ${said}`}
                onClick={() => toggle('correct')}
              >
                Correct
              </button>
            ) : (
              <span className="flex min-h-11 items-center px-4 text-sm text-quiet">
                season {closed} is archived
              </span>
            )}
            <button
              type="button"
              className="btn min-h-11 btn-ghost"
              aria-expanded={open === 'photos'}
              aria-label={`Photos: ${about}, ${said}`}
              onClick={() => toggle('photos')}
            >
              Photos
            </button>
            {closed === null && (
              <button
                type="button"
                className="btn min-h-11 btn-ghost"
                disabled={busy}
                aria-label={`Undo: ${about}, ${said}`}
                onClick={() => void takeBack(id, `${about}, ${said}`, true)}
              >
                Undo
              </button>
            )}
          </span>
        )}
      </div>
      {!taken && open !== 'photos' && <PhotoStrip photos={photos} />}
      {open === 'correct' && !taken && (
        <CorrectForm
          entry={line}
          manner={manner}
          now={now}
          save={async (typed, sure) => {
            const problems = await correctEntry(id, ids, typed, sure)
            if (!problems) router.refresh()
            return problems
          }}
          onDone={() => setOpen(null)}
        />
      )}
      {open === 'photos' && !taken && <PhotoPart line={line} onDone={() => setOpen(null)} />}
    </li>
  )
}
