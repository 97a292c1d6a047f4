'use client'

import { Link } from '../../components/link'
import type { Result } from '../../core/result'
import { useRouter } from '../../components/offline'
import { useState, useTransition } from 'react'
import { v7 } from 'uuid'
import { undoNow } from '../../components/outbox/enter'
import { beginEmpty, checkFile, takeCopy } from './actions'

/** What the page shows, in words. */
export interface RescueView {
  problem: { what: string; next: string } | null
  garden: string | null
  file: string | null
  canBeginAnew: boolean
  last: { id: string; said: string; note: string }[]
  copies: { name: string; made: string; why: string; size: string }[]
}

type Answer = Result<{ said?: string }>

/** Ways back that need nothing worked out: undo, export, copies, a look through the file. */
export function RescueScreen({ view }: { view: RescueView }) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [said, setSaid] = useState<{ text: string; isFault: boolean } | null>(null)
  const run = (act: () => Promise<Answer>, done: string) =>
    start(async () => {
      const answer = await act().catch(() => null)
      if (answer?.ok) setSaid({ text: answer.said ?? done, isFault: false })
      else setSaid({ text: answer?.message ?? 'The server did not answer. Try again.', isFault: true })
      router.refresh()
    })
  return (
    <main className="mx-auto max-w-3xl px-6 py-10 max-sm:px-4">
      <h1 className="text-3xl font-semibold">Rescue</h1>
      <p className="mt-2 text-lg text-quiet">
        {view.garden
          ? `Everything you saved in ${view.garden} is in one file. Here you can undo, save or go back without opening any other screen.`
          : 'Here you can go back to a copy of your garden.'}
      </p>
      {view.problem && (
        <p role="alert" className="mt-4 border-l-4 border-cut bg-base-200 px-3 py-2">
          <strong>{view.problem.what}</strong> {view.problem.next}
        </p>
      )}
      <p role="status" className={`mt-4 min-h-6 font-semibold ${said?.isFault ? 'text-cut' : ''}`}>
        {busy ? 'Working …' : said?.text}
      </p>

      {view.last.length > 0 && (
        <section aria-labelledby="last" className="mt-4">
          <h2 id="last" className="text-xl font-semibold">
            Last entries
          </h2>
          <p className="text-quiet">If a screen stopped working after one of these, undo it.</p>
          <ul className="mt-2">
            {view.last.map(({ id, said, note }) => (
              <li key={id} className="flex items-center justify-between gap-3 border-t border-base-300 py-1">
                <span className="min-w-0 break-words">
                  {said}
                  {note && <span className="text-quiet"> ({note})</span>}
                </span>
                <button
                  type="button"
                  className="btn min-h-11"
                  disabled={busy}
                  aria-label={`Undo: ${said}`}
                  onClick={() => run(() => undoNow({ id: v7(), entry: id }), 'Undone.')}
                >
                  Undo
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}

      <section aria-labelledby="save" className="mt-8">
        <h2 id="save" className="text-xl font-semibold">
          Save what you have
        </h2>
        <div className="mt-2 flex flex-wrap gap-2">
          {view.garden && (
            <>
              <a className="btn min-h-11" href="/export.zip" download>
                Garden with photos (zip)
              </a>
              <a className="btn min-h-11" href="/export" download>
                Garden (JSON)
              </a>
            </>
          )}
          {view.file && (
            <a className="btn min-h-11" href="/rescue/file" download>
              The file as it is ({view.file})
            </a>
          )}
          <button
            type="button"
            className="btn min-h-11"
            disabled={busy || view.file === null}
            onClick={() => run(checkFile, 'The file is fine.')}
          >
            Check the file
          </button>
        </div>
      </section>

      <section aria-labelledby="copies" className="mt-8">
        <h2 id="copies" className="text-xl font-semibold">
          Copies beside the garden
        </h2>
        {view.copies.length === 0 ? (
          <p className="mt-1 text-quiet">
            There are none yet. Prairie makes one before every update, import and removal.
          </p>
        ) : (
          <ul className="mt-2">
            {view.copies.map(({ name, made, why, size }) => (
              <li
                key={name}
                className="flex flex-wrap items-center justify-between gap-3 border-t border-base-300 py-1"
              >
                <span>
                  <strong>{made}</strong>, {why}
                  <span className="block text-sm text-quiet">{size}</span>
                </span>
                <button
                  type="button"
                  className="btn min-h-11"
                  disabled={busy}
                  aria-label={`Go back to the copy of ${made}`}
                  onClick={() => run(() => takeCopy(name), 'The copy is in place.')}
                >
                  Go back to this one
                </button>
              </li>
            ))}
          </ul>
        )}
        {view.canBeginAnew && (
          <button
            type="button"
            className="btn mt-3 min-h-11"
            disabled={busy}
            onClick={() => run(beginEmpty, 'A new, empty file is in place.')}
          >
            Begin with an empty garden
          </button>
        )}
      </section>
      <p className="mt-8">
        <Link className="link" href="/">
          To the garden
        </Link>
      </p>
    </main>
  )
}
