'use client'

import dynamic from 'next/dynamic'
import { PartHeading } from '../../components/advice/why'
import type { GrowthPoint } from './growth'

const Drawn = dynamic(() => import('./growth-chart'), { ssr: false })

/** The plant's growth so far; in words what the chart says. */
export function GrowthFigure({ points, units }: { points: GrowthPoint[]; units: 'metric' | 'us' }) {
  if (points.length < 3) return null
  const unit = units === 'us' ? 'in' : 'cm'
  const last = points.at(-1)!
  const cut = points.reduce((sum, point) => sum + (point.cut ?? 0), 0)
  return (
    <figure aria-label="Growth so far">
      <PartHeading>Growth so far</PartHeading>
      <div className="h-52" aria-hidden>
        <Drawn points={points} unit={unit} />
      </div>
      <figcaption className="flex flex-wrap gap-x-5 text-sm text-quiet">
        <span>
          <span aria-hidden className="mr-1.5 inline-block h-0.5 w-5 bg-leaf align-middle" />
          height, {unit}: {last.height} now
        </span>
        <span>
          <span
            aria-hidden
            className="mr-1.5 inline-block w-5 border-t-2 border-dashed border-accent align-middle"
          />
          leaves on the main stem: {last.leaves}
        </span>
        <span>
          <span aria-hidden className="mr-1.5 inline-block h-3 w-1.5 bg-error align-middle" />
          parts cut: {cut}
        </span>
      </figcaption>
    </figure>
  )
}
