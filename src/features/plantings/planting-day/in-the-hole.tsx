'use client'

import { Link } from '../../../components/link'
import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { FEEDING_SCHOOLS, holeAmendment } from '../../../core/transplant'
import { nameOf } from '../../../wording/names'
import { saySupport } from '../../../wording/support'
import { sayFeedingNote, sayHole } from '../../../wording/feeding'
import type { PlantingDay } from './queries'

/** What goes in with the plants: by the feeding school, for each and for all; and what holds them. */
export function InTheHole({ day }: { day: PlantingDay }) {
  const { crop, count, manner, plans, on, now, plantingId } = day
  const [school, setSchool] = useState(day.feeding)
  const amendment = holeAmendment(school, crop)
  const rows = new Map<string, { how: string; rows: number }>()
  for (const plan of plans) {
    const { headline, how } = saySupport(plan, manner)
    rows.set(headline, { how, rows: (rows.get(headline)?.rows ?? 0) + 1 })
  }
  return (
    <>
      <section aria-label="In the planting hole">
        <PartHeading>In the planting hole</PartHeading>
        <p>{sayHole(amendment, count, manner)}</p>
        <p className="text-quiet">{sayFeedingNote(amendment, manner)}</p>
        <label className="mt-2 flex flex-wrap items-center gap-2 text-sm text-quiet">
          Feeding method{' '}
          <select
            className="select min-h-11 w-auto text-base text-base-content"
            value={school}
            onChange={(event) => setSchool(event.target.value as typeof school)}
          >
            {FEEDING_SCHOOLS.map((one) => (
              <option key={one} value={one}>
                {nameOf(one)}
              </option>
            ))}
          </select>
        </label>
      </section>
      <section aria-label="Support">
        <PartHeading>Support</PartHeading>
        {[...rows].map(([headline, { how, rows: count }]) => (
          <p key={headline} className="leading-snug">
            <strong>
              {headline}
              {count > 1 && `, in each of ${count} rows`}.
            </strong>{' '}
            {how}
          </p>
        ))}
        <Link
          className="btn mt-2 min-h-11 bg-base-100"
          href={`/plantings/${plantingId}/support${on === now ? '' : `?on=${on}`}`}
        >
          See it from the side
        </Link>
      </section>
    </>
  )
}
