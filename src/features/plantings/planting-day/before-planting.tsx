'use client'

import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { plantingChecks, SOIL_MOISTURES, type SoilMoisture } from '../../../core/transplant'
import { sayReason } from '../../../wording/say-reason'
import type { PlantingDay } from './queries'

const VERDICTS = {
  go: { mark: '✓', words: 'fine', tint: 'text-leaf' },
  first: { mark: '→', words: 'do this first', tint: 'font-semibold' },
  wait: { mark: '×', words: 'wait', tint: 'font-semibold text-cut' },
} as const
const SOIL: Record<SoilMoisture, string> = {
  dry: 'dry, runs through the fingers',
  moist: 'moist, crumbles',
  wet: 'wet, smears',
}

/** What to look at before a plant goes in: the weather as it is known, and what only the hand can tell. */
export function BeforePlanting({ day }: { day: PlantingDay }) {
  const { crop, weather, conditions, manner } = day
  const [soil, setSoil] = useState<SoilMoisture>('moist')
  const [rootsCircle, setRootsCircle] = useState(false)
  const [flowers, setFlowers] = useState(false)
  const checks = plantingChecks({
    crop,
    ...weather,
    soil,
    rootsCircle,
    flowers,
    seasonSlackDays: conditions.seasonSlackDays,
  })
  return (
    <section aria-label="Check before you plant">
      <PartHeading>Check before you plant</PartHeading>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="flex flex-col gap-1 text-sm text-quiet">
          Squeeze some soil: how does it feel?{' '}
          <select
            className="select min-h-11 w-auto text-base text-base-content"
            value={soil}
            onChange={(event) => setSoil(event.target.value as SoilMoisture)}
          >
            {SOIL_MOISTURES.map((moisture) => (
              <option key={moisture} value={moisture}>
                {SOIL[moisture]}
              </option>
            ))}
          </select>
        </label>
        <Tick label="Roots circle the pot" on={rootsCircle} onChange={setRootsCircle} />
        <Tick label="Flowers are open" on={flowers} onChange={setFlowers} />
      </div>
      <ul className="mt-2" aria-live="polite">
        {checks.map(({ about, verdict, reason }) => {
          const { mark, words, tint } = VERDICTS[verdict]
          return (
            <li key={about} className="flex gap-2 border-t border-base-300 py-1.5 leading-snug">
              <span className={`w-5 shrink-0 text-center ${tint}`} aria-hidden>
                {mark}
              </span>
              <span>
                <span className="sr-only">{words}: </span>
                {sayReason(reason, manner)}
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function Tick({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="checkbox"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  )
}
