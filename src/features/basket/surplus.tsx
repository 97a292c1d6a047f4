'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import { FRESH_A_WEEK, FRESH_IN } from '../../core/harvest'
import { formatMeasure } from '../../core/quantity'
import { sayMass } from '../../wording/say'
import type { BasketView } from './queries'

const MOST_PEOPLE = 1000

/** What is over when everyone has eaten, at the harvest's peak and in all. */
export function Surplus({ view }: { view: BasketView }) {
  const { weeks, manner } = view
  const [typed, setTyped] = useState('4')
  const people = /^\d{1,4}$/.test(typed.trim()) ? Number(typed) : null
  const sound = people !== null && people <= MOST_PEOPLE
  const eaten = sound ? people * (FRESH_A_WEEK.tomato + FRESH_A_WEEK.pepper) : 0
  const all = weeks['']!
  const peak = all.reduce((best, week) => (week.forecast > best.forecast ? week : best), all[0]!)
  const over = all.reduce((sum, { forecast }) => sum + Math.max(0, forecast - eaten), 0)
  const many = all.filter(({ forecast }) => forecast > eaten).length
  return (
    <section aria-label="Surplus">
      <PartHeading>Surplus</PartHeading>
      <div className="w-40">
        <TextField
          label="People who eat the harvest"
          inputMode="numeric"
          value={typed}
          error={sound ? undefined : `From 0 to ${MOST_PEOPLE}, please.`}
          onChange={({ target }) => setTyped(target.value)}
        />
      </div>
      {sound && peak && (
        <p className="mt-2" role="status">
          {people === 1 ? 'One eats' : `${people} eat`} about {sayMass(eaten, manner)} fresh a week. The
          fullest week is that of {peak.name}, with {sayMass(peak.forecast, manner)}
          {over > 0.1
            ? `. Over ${many === 1 ? 'one week' : `${many} weeks`} ${sayMass(over, manner)} are left over, enough for ${formatMeasure({ kind: 'volume', value: over / FRESH_IN.sauce }, manner)} of sauce. Preserve only by tested recipes, with the acid they call for.`
            : ', so you will eat all of it.'}
        </p>
      )}
    </section>
  )
}
