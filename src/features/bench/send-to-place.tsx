'use client'

import { useState } from 'react'
import { useAct } from '../../components/act/use-act'
import type { Row } from './bag'
import type { MixView } from './mix-queries'
import { plain } from './numbers'

/** The blend as an entry of a place. */
export function SendToPlace({
  view,
  rows,
  blend,
}: {
  view: MixView
  rows: readonly Row[]
  blend: { mass: number; n: number; p2o5: number; k2o: number }
}) {
  const { places } = view
  const [place, setPlace] = useState(places[0]?.id ?? '')
  const { busy, isAhead, act } = useAct(view)
  const chosen = places.find(({ id }) => id === place)
  if (!chosen || isAhead) return null
  // A blend gives its nutrients up as its slowest bag does.
  const release = rows.some((row) => row.release === 'meal') ? 'meal' : rows[0]!.release
  const name = rows
    .map((row) => row.name)
    .filter(Boolean)
    .join(' + ')
    .slice(0, 80)
  return (
    <form
      aria-label="Send to a place"
      className="mt-4 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        const { mass: grams, n, p2o5, k2o } = blend
        const data = { name: name || 'Blend', grams, n, p2o5, k2o, release }
        void act({
          entries: [{ subject: { type: 'place', id: place }, kind: 'fed', data }],
          said: `Entered: ${chosen.name} fed with ${plain(grams, 0)} g.`,
        })
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="text-sm text-quiet">All of it went to</span>
        <select
          className="select min-h-11 text-base"
          value={place}
          onChange={({ target }) => setPlace(target.value)}
        >
          {places.map(({ id, name: placeName }) => (
            <option key={id} value={id}>
              {placeName}
            </option>
          ))}
        </select>
      </label>
      <button className="btn min-h-11 bg-base-100" disabled={busy}>
        Enter it as fed
      </button>
    </form>
  )
}
