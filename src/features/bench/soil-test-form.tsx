'use client'

import { useState } from 'react'
import { PartHeading, Why } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import { useAct } from '../../components/act/use-act'
import type { FeedDetail, FeedView } from './feed-queries'
import { errorOf, readNumber, valueOf } from './numbers'

const FIELDS = [
  { key: 'ph', label: 'pH', low: 3, high: 11 },
  { key: 'organicMatter', label: 'Organic matter, %', low: 0, high: 100 },
  { key: 'p', label: 'P, mg/kg', low: 0, high: 100_000 },
  { key: 'k', label: 'K, mg/kg', low: 0, high: 100_000 },
  { key: 'ca', label: 'Ca, mg/kg', low: 0, high: 100_000 },
  { key: 'mg', label: 'Mg, mg/kg', low: 0, high: 100_000 },
  { key: 'ec', label: 'EC, dS/m', low: 0, high: 100 },
] as const
type Key = (typeof FIELDS)[number]['key']

/** A laboratory's soil test of a place, and what it changes. */
export function SoilTestForm({ detail, view }: { detail: FeedDetail; view: FeedView }) {
  const [typed, setTyped] = useState<Record<Key, string>>(
    () =>
      Object.fromEntries(
        FIELDS.map(({ key }) => [key, detail.soilTest ? String(detail.soilTest[key]) : '']),
      ) as Record<Key, string>,
  )
  const [isChecked, setChecked] = useState(false)
  const { busy, isAhead, act } = useAct(view)
  const read = FIELDS.map(({ key, low, high }) => readNumber(typed[key], low, high))
  const send = () => {
    setChecked(true)
    if (read.some((one) => 'error' in one)) return
    const test = Object.fromEntries(FIELDS.map(({ key }, index) => [key, valueOf(read[index]!)!])) as Record<
      Key,
      number
    >
    void act({
      entries: [{ subject: { type: 'place', id: detail.id }, kind: 'soil-tested', data: test }],
      said: `Kept: the soil test of ${detail.name}.`,
    })
  }
  if (detail.isPot) return null
  return (
    <section aria-label="Soil test">
      <Why reasons={detail.soilReasons} heading="What the soil test says" />
      {!isAhead && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2">
            {detail.soilTest ? 'Enter a newer soil test' : 'Enter a soil test'}
          </summary>
          <form
            onSubmit={(event) => {
              event.preventDefault()
              send()
            }}
            noValidate
          >
            <PartHeading>From the laboratory’s sheet</PartHeading>
            <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
              {FIELDS.map(({ key, label }, index) => (
                <TextField
                  key={key}
                  label={label}
                  inputMode="decimal"
                  value={typed[key]}
                  error={isChecked ? errorOf(read[index]!) : undefined}
                  onChange={({ target }) => setTyped({ ...typed, [key]: target.value })}
                />
              ))}
            </div>
            <button className="btn mt-2 min-h-11 bg-base-100" disabled={busy}>
              Keep the test
            </button>
          </form>
        </details>
      )}
    </section>
  )
}
