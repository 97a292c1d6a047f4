'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import type { Manner } from '../../core/facts'
import { parseQuantity } from '../../core/quantity'
import type { PlaceWaterView } from './water-queries'
import { sayLitres } from './water-words'

const MOST = 1_000_000

/** What a place was given: watered through, or so many litres. */
export function WaterForm({
  place,
  manner,
  busy,
  onWater,
}: {
  place: PlaceWaterView
  manner: Manner
  busy: boolean
  onWater: (litres: number) => void
}) {
  const through = Math.max(0.1, Math.round(place.toFill * 10) / 10)
  const [typed, setTyped] = useState(() => sayLitres(through, manner).replaceAll('\u00a0', ' '))
  const [error, setError] = useState<string>()
  const keep = () => {
    const read = parseQuantity(typed, 'volume', manner.units)
    if ('error' in read) return setError(read.error)
    if (read.value <= 0 || read.value > MOST)
      return setError(`More than nothing, up to ${sayLitres(MOST, manner)}.`)
    setError(undefined)
    onWater(read.value)
  }
  return (
    <form
      aria-label="Watered"
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
      noValidate
    >
      <div className="w-44">
        <TextField
          label="It was given, in all"
          value={typed}
          error={error}
          onChange={({ target }) => setTyped(target.value)}
        />
      </div>
      <button className="btn min-h-11 btn-primary" disabled={busy}>
        It is watered
      </button>
      <span className="self-center text-quiet">{sayLitres(through, manner)} fill its root zone now.</span>
    </form>
  )
}
