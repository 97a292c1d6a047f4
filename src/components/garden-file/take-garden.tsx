'use client'

import { useRouter } from '../offline'
import { useRef, useState, type ChangeEvent } from 'react'
import { say } from '../say'
import type { ImportWay } from '../../core/facts'
import { sendGarden, type ImportAnswer } from './send-garden'

const MB = 1024 * 1024
const LARGEST = 512 * MB

/** Takes a garden file in: in place of the garden at work, or beside it; `first`: there is none yet. */
export function TakeGarden({ first = false }: { first?: boolean }) {
  const [chosen, setChosen] = useState<File | null>(null)
  const [answer, setAnswer] = useState<ImportAnswer | null>(null)
  const [sending, setSending] = useState<AbortController | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const router = useRouter()

  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0] ?? null
    setAnswer(null)
    setChosen(null)
    if (file && file.size > LARGEST)
      setAnswer({
        ok: false,
        message: 'This file is over 512 MB, too large for a garden. Nothing was changed.',
        faults: [],
      })
    else setChosen(file)
  }
  const take = async (way: ImportWay) => {
    const sending = new AbortController()
    setSending(sending)
    const result = await sendGarden(chosen!, way, sending.signal)
    setSending(null)
    setAnswer(result)
    setChosen(null)
    if (input.current) input.current.value = ''
    if (!result?.ok) return
    if (first) return router.push('/walk')
    say(
      way === 'instead'
        ? 'Your garden from the file is here. A copy of the one before is beside it.'
        : 'Your garden from the file is open. The other one is under Gardens.',
    )
    router.refresh()
  }

  return (
    <div className="space-y-3">
      <label className="block">
        <span className="text-sm text-quiet">Import a garden file</span>
        <input
          ref={input}
          type="file"
          accept="application/json,.json,application/zip,.zip"
          className="file-input mt-1 block min-h-11 w-full max-w-md"
          onChange={choose}
        />
      </label>
      {chosen && (
        <div className="border-l-4 border-feed bg-(--caution) px-3 py-2">
          <p className="break-words">
            {chosen.name}, {Math.max(0.1, chosen.size / MB).toFixed(1)} MB
            {first
              ? '.'
              : 'can replace this garden, or open beside it. Prairie first makes a copy of the database.'}
          </p>
          {sending ? (
            <p className="mt-2 flex flex-wrap items-center gap-3">
              <span role="status">Importing …</span>
              <progress className="progress w-40" aria-label="Importing the garden" />
              <button type="button" className="btn min-h-11" onClick={() => sending.abort()}>
                Stop
              </button>
            </p>
          ) : (
            <p className="mt-2 flex flex-wrap gap-2">
              <button type="button" className="btn min-h-11" onClick={() => void take('instead')}>
                Import it
              </button>
              {!first && (
                <button
                  type="button"
                  className="btn min-h-11 bg-base-100"
                  onClick={() => void take('beside')}
                >
                  Open it beside this one
                </button>
              )}
            </p>
          )}
        </div>
      )}
      {answer && !answer.ok && (
        <div role="alert" className="border-l-4 border-cut bg-base-200 px-3 py-2">
          <p className="font-semibold">{answer.message}</p>
          <ul className="list-disc pl-5">
            {answer.faults.map((fault) => (
              <li key={fault} className="break-words">
                {fault}
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  )
}
