'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import type { StopActs } from './stop-acts'

const DAYS = [
  { days: 1, name: 'Tomorrow' },
  { days: 3, name: 'In 3 days' },
  { days: 7, name: 'In a week' },
]
const LONGEST = 500

/** Later, on one of some days; or skipped, with a reason. */
export function WaitForm({ kind, acts }: { kind: 'put-off' | 'decline'; acts: StopActs }) {
  const [why, setWhy] = useState('')
  const tooLong = why.length > LONGEST
  if (kind === 'put-off')
    return (
      <div
        className="flex flex-wrap gap-2 border-l-4 border-frost bg-base-200 p-4"
        role="group"
        aria-label="Later"
      >
        {DAYS.map(({ days, name }, index) => (
          <button
            key={days}
            className="btn min-h-14 sm:min-h-11"
            autoFocus={index === 0}
            onClick={() => acts.putOff(days)}
          >
            {name}
          </button>
        ))}
      </div>
    )
  return (
    <form
      className="border-l-4 border-frost bg-base-200 p-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (!tooLong) acts.decline(why.trim())
      }}
    >
      <TextField
        label="Reason (optional)"
        autoFocus
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        error={tooLong ? `At most ${LONGEST} characters, please.` : undefined}
      />
      <button className="btn mt-3 min-h-14 btn-primary sm:min-h-11">Skip this</button>
    </form>
  )
}
