'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { toast } from 'sonner'
import type { Imported } from '../../data/log-import'
import { importLog } from './actions'

const LARGEST_MB = 30
const FAULTS_SHOWN = 20

/** A logbook's CSV brought in: what is there already is left, and a line at fault keeps the rest out until asked. */
export function ImportPart() {
  const [text, setText] = useState<string | null>(null)
  const [refused, setRefused] = useState<Extract<Imported, { ok: false }> | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const router = useRouter()
  const take = (read: string, onlyGood: boolean) =>
    start(async () => {
      const answer = await importLog(read, onlyGood).catch(() => null)
      if (answer === null) return setProblem('The server did not answer: nothing was taken. Try again.')
      if (!answer.ok) return setRefused(answer)
      setRefused(null)
      toast(
        `${answer.taken} new ${answer.taken === 1 ? 'entry is' : 'entries are'} taken, ${answer.known} were there already.`,
      )
      router.refresh()
    })
  return (
    <div className="mt-3">
      <label className="flex flex-col gap-1">
        <span className="text-sm text-quiet">Bring a logbook’s CSV in</span>
        <input
          type="file"
          accept=".csv,text/csv"
          className="file-input min-h-11"
          disabled={busy}
          onChange={(event) => {
            const file = event.target.files?.[0]
            setRefused(null)
            setProblem(null)
            if (!file) return
            if (file.size > LARGEST_MB * 1_000_000)
              return setProblem(`This file is over ${LARGEST_MB} MB: no logbook is. Nothing was taken.`)
            void file.text().then((read) => {
              setText(read)
              take(read, false)
            })
          }}
        />
      </label>
      {problem && (
        <p role="alert" className="mt-2 border-l-4 border-cut bg-base-200 px-3 py-2">
          {problem}
        </p>
      )}
      {refused && (
        <div role="alert" className="mt-2 border-l-4 border-cut bg-base-200 px-3 py-2">
          <p className="font-semibold">
            Nothing was taken: {refused.faults.length === 1 ? '1 line' : `${refused.faults.length} lines`}{' '}
            cannot be.
          </p>
          <ul>
            {refused.faults.slice(0, FAULTS_SHOWN).map(({ line, why }) => (
              <li key={`${line} ${why}`}>
                Line {line}: {why}
              </li>
            ))}
          </ul>
          {refused.faults.length > FAULTS_SHOWN && <p>and {refused.faults.length - FAULTS_SHOWN} more.</p>}
          {refused.good > 0 && (
            <button
              type="button"
              className="btn mt-2 min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => text !== null && take(text, true)}
            >
              Take the {refused.good} good ones
            </button>
          )}
        </div>
      )}
    </div>
  )
}
