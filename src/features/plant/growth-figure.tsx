'use client'

import dynamic from 'next/dynamic'
import { PartHeading } from '../../components/advice/why'
import { ChartFrame } from '../../components/chart-frame'
import type { Manner } from '../../core/facts'
import { sayCount, sayNumber } from '../../wording/say'
import type { GrowthPoint } from './growth'

const Drawn = dynamic(() => import('./growth-chart'), { ssr: false })

/** The plant's growth so far; in words what the chart says. */
export function GrowthFigure({ points, manner }: { points: GrowthPoint[]; manner: Manner }) {
  if (points.length < 3) return null
  const unit = manner.units === 'us' ? 'in' : 'cm'
  const last = points.at(-1)!
  const cut = points.reduce((sum, point) => sum + (point.cut ?? 0), 0)
  return (
    <section aria-label="Growth so far">
      <PartHeading>Growth so far</PartHeading>
      <ChartFrame
        manner={manner}
        name="Growth so far"
        says={`It is ${sayNumber(last.height, manner)}\u00a0${unit} high, with ${last.leaves} ${last.leaves === 1 ? 'leaf' : 'leaves'} on the main stem. You cut ${sayCount(cut, 'part')}.`}
        along={{ name: 'day', steps: points.map(({ name }) => name) }}
        tall="h-52"
        series={[
          {
            name: `height, ${unit}`,
            mark: 'line',
            color: 'var(--color-primary)',
            values: points.map(({ height }) => height),
          },
          {
            name: 'leaves on the main stem',
            mark: 'dashed',
            color: 'var(--color-accent)',
            values: points.map(({ leaves }) => leaves),
          },
          {
            name: 'parts cut',
            mark: 'bar',
            color: 'var(--color-error)',
            values: points.map((point) => point.cut),
          },
        ]}
      >
        <Drawn points={points} unit={unit} />
      </ChartFrame>
    </section>
  )
}
