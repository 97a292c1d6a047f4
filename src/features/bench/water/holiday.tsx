'use client'

import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import type { Manner } from '../../../core/facts'
import { holidayPlan } from '../../../core/watering'
import type { PlaceWaterView } from './queries'
import { sayHolidayAct, sayLasts, sayLitres } from '../../../wording/watering'

const LONGEST = 14

/** Going away: which places last, which do not, and what to do about each. */
export function Holiday({ places, manner }: { places: readonly PlaceWaterView[]; manner: Manner }) {
  const [days, setDays] = useState(7)
  const plan = holidayPlan(
    days,
    places.map((place) => ({
      place,
      isPot: place.isPot,
      hasDrip: place.drip !== null,
      mulched: place.mulched,
      ...place.filled,
    })),
  )
  const lost = plan.filter(({ risk }) => risk === 'lost').length
  return (
    <section aria-label="Going away">
      <PartHeading>Going away</PartHeading>
      <label className="flex flex-wrap items-center gap-3">
        <span>
          For <output className="font-semibold">{days === 1 ? '1 day' : `${days} days`}</output>
        </span>
        <input
          type="range"
          aria-label="Days away"
          min={1}
          max={LONGEST}
          value={days}
          className="range w-56 range-primary"
          onChange={({ target }) => setDays(Number(target.value))}
        />
        <span className="text-quiet">
          {lost === 0
            ? 'soaked before you leave, every place survives'
            : `${lost} of ${plan.length} places won’t survive without water`}
        </span>
      </label>
      <ol className="mt-2">
        {plan.map(({ place, untilSlow, untilLimp, risk, acts }) => (
          <li
            key={place.id}
            className="grid gap-x-4 border-t border-base-300 py-1.5 sm:grid-cols-[5rem_16rem_minmax(0,1fr)]"
          >
            <strong className={risk === 'lost' ? 'text-cut' : ''}>{place.name}</strong>
            <span>
              grows on {sayLasts(untilSlow)}, lives {sayLasts(untilLimp)}
            </span>
            <span className="text-quiet">
              {acts.map((act) => sayHolidayAct(act, manner)).join('; ')}
              {acts.includes('neighbour') && ` (about ${sayLitres(place.need, manner)} per day)`}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
