'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import type { Act } from './types'

/** The plants of a stop, ticked in one go; those left out are unticked. */
export function TendForm({
  act,
  onKeep,
  onCancel,
}: {
  act: Extract<Act, { type: 'tend' }>
  onKeep: (except: readonly string[], note: string, minutes: number | null) => void
  onCancel: () => void
}) {
  const [out, setOut] = useState<readonly string[]>([])
  const [note, setNote] = useState('')
  const [took, setTook] = useState('')
  const wrong = took.trim() !== '' && !/^[1-9]\d{0,2}$/.test(took.trim())
  const none = out.length === act.plants.length
  return (
    <form
      aria-label="On which plants"
      className="border-l-4 border-leaf bg-base-200 p-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (!none && !wrong) onKeep(out, note, took.trim() === '' ? null : Number(took))
      }}
    >
      <fieldset>
        <legend className="text-sm text-quiet">Untick plants you left out</legend>
        <div className="flex flex-wrap gap-x-4">
          {act.plants.map(({ id, label }) => (
            <label key={id} className="flex min-h-11 min-w-16 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={!out.includes(id)}
                onChange={({ target }) =>
                  setOut(target.checked ? out.filter((other) => other !== id) : [...out, id])
                }
              />{' '}
              {label}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Minutes it took (optional)"
          inputMode="numeric"
          value={took}
          error={wrong ? 'Enter whole minutes, or leave it blank.' : undefined}
          onChange={({ target }) => setTook(target.value)}
        />
        <TextField label="Note (optional)" value={note} onChange={({ target }) => setNote(target.value)} />
      </div>
      {none && (
        <p role="alert" className="mt-2 font-semibold text-cut">
          No plant is ticked. Choose Later or Skip instead.
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <button className="btn min-h-14 btn-primary sm:min-h-11" disabled={none}>
          Save
        </button>
        <button type="button" className="btn min-h-14 sm:min-h-11" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </form>
  )
}
