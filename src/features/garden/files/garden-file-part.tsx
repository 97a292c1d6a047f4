'use client'

import { useState, useTransition, type ChangeEvent } from 'react'
import { toast } from 'sonner'
import { takeGardenFile, type ImportAnswer } from '../actions'

const LARGEST = 18 * 1024 * 1024

/** The whole garden out as one file, and one back in. */
export function GardenFilePart() {
  const [chosen, setChosen] = useState<{ name: string; text: string } | null>(null)
  const [answer, setAnswer] = useState<ImportAnswer | null>(null)
  const [busy, startTaking] = useTransition()

  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0]
    setAnswer(null)
    setChosen(null)
    if (!file) return
    if (file.size > LARGEST)
      setAnswer({
        ok: false,
        message: 'This file is over 18 MB: no garden of Prairie is. Nothing was changed.',
        faults: [],
      })
    else setChosen({ name: file.name, text: await file.text() })
  }
  const take = () =>
    startTaking(async () => {
      const result = await takeGardenFile(chosen!.text).catch((): ImportAnswer => ({
        ok: false,
        message: 'The server did not answer. Nothing was changed: try again.',
        faults: [],
      }))
      setAnswer(result)
      setChosen(null)
      if (result.ok) toast('The garden from the file is here. The one before lies beside it as a copy.')
    })

  return (
    <div className="space-y-3">
      <p>
        <a className="btn min-h-11 bg-base-100" href="/export" download>
          Export the whole garden
        </a>
      </p>
      <label className="block">
        <span className="text-sm text-quiet">Take in a garden file</span>
        <input
          type="file"
          accept="application/json,.json"
          className="file-input mt-1 block min-h-11 w-full max-w-md"
          onChange={choose}
        />
      </label>
      {chosen && (
        <div className="border-l-4 border-feed bg-(--caution) px-3 py-2">
          <p className="break-words">
            {chosen.name} takes the place of this garden. A copy of this one is put beside the database first.
          </p>
          <button className="btn mt-2 min-h-11" onClick={take} disabled={busy}>
            {busy ? 'Taking it in …' : 'Take it in'}
          </button>
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
