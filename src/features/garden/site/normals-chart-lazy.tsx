'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from '../../../components/chart-frame'
import type { Manner } from '../../../core/facts'
import { chartUnits } from '../../../components/chart-style'
import type { ChartMonth } from './normals-chart'

const Drawn = dynamic(() => import('./normals-chart'), { ssr: false })

/** The chart comes after the page. */
export function NormalsChart({ months, manner }: { months: ChartMonth[]; manner: Manner }) {
  const { degree, depth } = chartUnits(manner.units)
  return (
    <ChartFrame
      manner={manner}
      name="Average months"
      says="The average high and low of each month, and its rain."
      along={{ name: 'month', steps: months.map(({ name }) => name) }}
      series={[
        {
          name: `mean high, ${degree}`,
          mark: 'line',
          color: 'var(--ripe)',
          values: months.map(({ high }) => high),
        },
        {
          name: `mean low, ${degree}`,
          mark: 'dashed',
          color: 'var(--frost)',
          values: months.map(({ low }) => low),
        },
        {
          name: `rain of the month, ${depth}`,
          mark: 'bar',
          color: 'var(--color-info)',
          opacity: 0.35,
          values: months.map(({ rain }) => rain),
        },
      ]}
    >
      <Drawn months={months} units={manner.units} />
    </ChartFrame>
  )
}
