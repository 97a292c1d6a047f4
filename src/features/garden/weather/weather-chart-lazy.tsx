'use client'

import dynamic from 'next/dynamic'
import type { ChartDay } from './weather-chart'

const Drawn = dynamic(() => import('./weather-chart'), { ssr: false })

/** The chart comes after the page: the table under it holds the same numbers. */
export function WeatherChart(props: { days: ChartDay[]; units: 'metric' | 'us' }) {
  return (
    <figure>
      <div className="h-60" aria-hidden>
        <Drawn {...props} />
      </div>
      <figcaption className="flex flex-wrap gap-x-5 text-sm text-quiet">
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="h-4 w-2 bg-leaf" /> low to high, on record
        </span>
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="h-4 w-2 bg-(--leaf-mark)/60" /> simulated or forecast
        </span>
        <span className="flex items-center gap-1.5">
          <span aria-hidden className="h-3 w-3 bg-water/40" /> rain
        </span>
      </figcaption>
    </figure>
  )
}
