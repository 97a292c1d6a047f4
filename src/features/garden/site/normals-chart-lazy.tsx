'use client'

import dynamic from 'next/dynamic'
import type { ChartMonth } from './normals-chart'

const Drawn = dynamic(() => import('./normals-chart'), { ssr: false })

/** The chart comes after the page: the table under it holds the same numbers. */
export function NormalsChart(props: { months: ChartMonth[]; units: 'metric' | 'us' }) {
  return (
    <figure className="mb-4">
      <div className="h-56" aria-hidden>
        <Drawn {...props} />
      </div>
      <figcaption className="flex flex-wrap gap-x-5 text-sm text-quiet">
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="w-6 border-t-2 border-ripe" /> mean high
        </span>
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="w-6 border-t-2 border-dashed border-frost" /> mean low
        </span>
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="h-3 w-3 bg-water/35" /> rain of the month
        </span>
      </figcaption>
    </figure>
  )
}
