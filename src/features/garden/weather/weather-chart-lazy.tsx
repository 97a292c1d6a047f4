'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from '../../../components/chart-frame'
import type { Manner } from '../../../core/facts'
import { chartUnits } from '../../../components/chart-style'
import { sayNumber } from '../../../wording/say'
import type { ChartDay } from './weather-chart'

const Drawn = dynamic(() => import('./weather-chart'), { ssr: false })

/** The chart comes after the page. */
export function WeatherChart({ days, manner }: { days: ChartDay[]; manner: Manner }) {
  const { degree, depth } = chartUnits(manner.units)
  const rangeOf = (isMade: boolean) =>
    days.map(({ range: [low, high], made }) =>
      made === isMade ? `${sayNumber(low, manner)} to ${sayNumber(high, manner)}` : null,
    )
  return (
    <ChartFrame
      manner={manner}
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
      <Drawn days={days} units={manner.units} />
    </ChartFrame>
  )
}
