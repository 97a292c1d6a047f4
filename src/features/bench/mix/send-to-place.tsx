'use client'

import { useState } from 'react'
import { useAct } from '../../../components/act/use-act'
import { ChoiceField } from '../../../components/forms/fields'
import { sayMass } from '../../../wording/say'
import type { fedBlend } from './blend.model'
import type { MixView } from './queries'

/** The blend as an entry of a place. */
export function SendToPlace({ view, fed }: { view: MixView; fed: ReturnType<typeof fedBlend> }) {
  const { places, manner } = view
  const [place, setPlace] = useState(places[0]?.id ?? '')
  const { busy, isAhead, act } = useAct(view)
  const chosen = places.find(({ id }) => id === place)
  if (!chosen || isAhead) return null
  return (
    <form
      aria-label="Send to a place"
      className="mt-4 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        void act({
          entries: [{ subject: { type: 'place', id: place }, kind: 'fed', data: fed }],
          said: `Entered: ${chosen.name} fed with ${sayMass(fed.grams / 1000, manner)}.`,
        })
      }}
    >
      <ChoiceField label="All of it went to" value={place} onChange={({ target }) => setPlace(target.value)}>
        {places.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </ChoiceField>
      <button className="btn min-h-11 bg-base-100" disabled={busy}>
        Record feeding
      </button>
    </form>
  )
}
