'use client'

import { useState, useTransition } from 'react'
import { useChange } from '../../../components/act/use-change'
import { PartHeading } from '../../../components/advice/why'
import type { GroundEdit, Manner } from '../../../core/facts'
import { nameOf } from '../../../wording/names'
import { sayCount, sayLength } from '../../../wording/say'
import { editSettled } from '../plan/edit-settled'
import type { ReadGround } from './read-ground'

const MOST_BYTES = 5_000_000

/** Places from a file: read, shown, and then taken, all good ones or none. */
export function GroundImport({
  site,
  manner,
}: {
  site: { latitude: number; longitude: number }
  manner: Manner
}) {
  const [read, setRead] = useState<ReadGround | null>(null)
  const [problem, setProblem] = useState('')
  const { busy: taking, put } = useChange()
  const [reading, start] = useTransition()
  const busy = taking || reading
  const choose = (file: File | undefined) => {
    setRead(null)
    setProblem('')
    if (!file) return
    if (file.size > MOST_BYTES)
      return setProblem('This file is larger than 5 MB, too large for a garden. Nothing was imported.')
    start(async () => {
      const { readGround } = await import('./read-ground')
      const answer = readGround(await file.text(), site, manner)
      if ('problem' in answer) setProblem(answer.problem)
      else setRead(answer)
    })
  }
  const take = async () => {
    const edits = read!.pieces.map(({ of, row }) => ({ of, id: row.id, row }) as GroundEdit)
    const answer = await put({
      send: () => editSettled(edits),
      said: `${sayCount(edits.length, 'place')} imported.`,
      undo: { name: 'the import of these places', send: ({ undo }) => editSettled(undo) },
    })
    if (answer.ok) setRead(null)
    else setProblem(answer.message)
  }
  return (
    <section aria-label="Import places" className="mt-8 space-y-2">
      <PartHeading>Import places from a file</PartHeading>
      <p className="text-quiet">
        Use GeoJSON with polygons, or CSV whose first line names the columns: name, kind, x, y, length, width,
        turn. You need only name, length and width. If a place with the same id is already here, it changes to
        what the file says.
      </p>
      <input
        type="file"
        accept=".geojson,.json,.csv,text/csv,application/geo+json"
        aria-label="File of places"
        className="file-input min-h-11 w-full max-w-md"
        onChange={(event) => choose(event.target.files?.[0])}
      />
      {problem && (
        <p role="alert" className="font-semibold text-cut">
          {problem}
        </p>
      )}
      {read && (
        <div className="space-y-2">
          {read.faults.length > 0 && (
            <div role="alert" className="border-l-4 border-cut px-3">
              <p className="font-semibold">
                {sayCount(read.faults.length, 'entry', 'entries')} cannot be imported:
              </p>
              <ul className="list-disc pl-5">
                {read.faults.slice(0, 20).map((fault) => (
                  <li key={fault}>{fault}</li>
                ))}
              </ul>
              {read.faults.length > 20 && <p>and {read.faults.length - 20} more.</p>}
            </div>
          )}
          <ul className="columns-2 max-sm:columns-1">
            {read.pieces.slice(0, 60).map(({ row }) => (
              <li key={row.id}>
                {row.name}: {nameOf(row.kind)}, {sayLength(row.length, manner)} ×{' '}
                {sayLength(row.width, manner)}
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="btn btn-primary min-h-11"
            disabled={busy || read.pieces.length === 0}
            onClick={take}
          >
            {read.faults.length > 0
              ? `Import the ${read.pieces.length} good ones`
              : `Take in ${sayCount(read.pieces.length, 'place')}`}
          </button>
        </div>
      )}
    </section>
  )
}
