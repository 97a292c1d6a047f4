'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import { PhotoField } from '../../components/photo/photo-field'

const LONGEST = 500

/** What was noticed at a stop, in words or as a photo; the stop stays as it is. */
export function NoteForm({
  onKeep,
  onCancel,
}: {
  onKeep: (note: string, photo: Blob | null) => void
  onCancel: () => void
}) {
  const [note, setNote] = useState('')
  const [photo, setPhoto] = useState<Blob | null>(null)
  const [problem, setProblem] = useState<string>()
  return (
    <form
      aria-label="Note or photo"
      className="border-l-4 border-leaf bg-base-200 p-4"
      onSubmit={(event) => {
        event.preventDefault()
        const text = note.trim()
        if (text === '' && !photo) setProblem('Add a note or a photo first.')
        else if (text.length > LONGEST) setProblem(`At most ${LONGEST} characters, please.`)
        else onKeep(text, photo)
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="What you noticed"
          autoFocus
          value={note}
          error={problem}
          onChange={({ target }) => setNote(target.value)}
        />
        <PhotoField picture={photo} onChange={setPhoto} />
      </div>
      <div className="mt-3 flex gap-2">
        <button className="btn min-h-14 btn-primary sm:min-h-11">Save</button>
        <button type="button" className="btn min-h-14 sm:min-h-11" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </form>
  )
}
