'use client'

import { useRouter } from '../../components/offline'
import { useState, useTransition } from 'react'
import { say } from '../../components/say'
import { sendLog, type LogAnswer } from './send-log'

/** A logbook's CSV brought in: what is there already is left, and a line at fault keeps the rest out until asked. */
export function ImportPart() {
  const [file, setFile] = useState<File | null>(null)
  const [refused, setRefused] = useState<Extract<LogAnswer, { ok: false }> | null>(null)
  const [busy, start] = useTransition()
  const router = useRouter()
  const take = (chosen: File, onlyGood: boolean) =>
    start(async () => {
      const answer = await sendLog(chosen, onlyGood)
      if (!answer.ok) return setRefused(answer)
      setRefused(null)
      say(
        `${answer.taken} new ${answer.taken === 1 ? 'entry is' : 'entries are'} imported; ${answer.known} were already here.`,
      )
      router.refresh()
    })
  return (
    <div className="mt-3">
      <label className="flex flex-col gap-1">
        <span className="text-sm text-quiet">Import a logbook (CSV)</span>
        <input
          type="file"
          accept=".csv,text/csv"
          className="file-input min-h-11"
          disabled={busy}
          onChange={(event) => {
            const chosen = event.target.files?.[0] ?? null
            setRefused(null)
            setFile(chosen)
            if (chosen) take(chosen, false)
          }}
        />
      </label>
      {refused && (
        <div role="alert" className="mt-2 border-l-4 border-cut bg-base-200 px-3 py-2">
          <p className="font-semibold">{refused.message}</p>
          <ul>
            {refused.faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
          {refused.more > 0 && <p>and {refused.more} more.</p>}
          {refused.good > 0 && (
            <button
              type="button"
              className="btn mt-2 min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => file && take(file, true)}
            >
              Take the {refused.good} good ones
            </button>
          )}
        </div>
      )}
    </div>
  )
}
