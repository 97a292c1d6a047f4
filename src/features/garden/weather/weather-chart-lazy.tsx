'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from '../../../components/chart-frame'
import { chartUnits } from '../../../components/chart-style'
import type { ChartDay } from './weather-chart'

const Drawn = dynamic(() => import('./weather-chart'), { ssr: false })

/** The chart comes after the page. */
export function WeatherChart(props: { days: ChartDay[]; units: 'metric' | 'us' }) {
  const { days, units } = props
  const { degree, depth } = chartUnits(units)
  const rangeOf = (isMade: boolean) =>
    days.map(({ range: [low, high], made }) => (made === isMade ? `${low} to ${high}` : null))
  return (
    <ChartFrame
      name="Weather of the month"
      says="Each bar runs from the day’s low to its high. The dashed line is freezing."
      along={{ name: 'day', steps: days.map(({ name }) => name) }}
      tall="h-60"
      series={[
        {
          name: `low to high, on record, ${degree}`,
          mark: 'bar',
          color: 'var(--color-primary)',
          values: rangeOf(false),
        },
        {
          name: `simulated or forecast, ${degree}`,
          mark: 'bar',
          color: 'var(--leaf-mark)',
          opacity: 0.6,
          values: rangeOf(true),
        },
        {
          name: `rain, ${depth}`,
          mark: 'bar',
          color: 'var(--color-info)',
          opacity: 0.4,
          values: days.map(({ rain }) => rain),
        },
      ]}
    >
      <Drawn {...props} />
    </ChartFrame>
  )
}
