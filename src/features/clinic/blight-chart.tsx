'use client'

import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import { useChartNumbers } from '../../components/chart-numbers'
import { AXIS, MARGIN, TOOLTIP } from '../../components/chart-style'
import type { WatchScreenView } from './watch-queries'

/** The score of each day and their sum, with where it is time to act; days of late-blight weather as marks. */
export default function BlightChart({ blight }: { blight: NonNullable<WatchScreenView['blight']> }) {
  const numbers = useChartNumbers()
  const { points, act } = blight
  const ahead = points.filter((point) => point.ahead)
  const most = Math.max(act.late + 4, ...points.map(({ sum }) => sum))
  const ticks = Array.from({ length: Math.ceil(most / 5) + 1 }, (_, at) => 5 * at)
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={points} margin={{ ...MARGIN, right: 12 }}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={22} />
        <YAxis
          {...AXIS}
          {...numbers.axis}
          axisLine={false}
          width={34}
          domain={[0, ticks.at(-1)!]}
          ticks={ticks}
        />
        {ahead.length > 0 && (
          <ReferenceArea
            x1={ahead[0]!.name}
            x2={ahead.at(-1)!.name}
            fill="var(--color-base-200)"
            fillOpacity={0.8}
          />
        )}
        {[
          { at: act.from, says: `act from ${act.from}`, stroke: 'var(--color-warning)' },
          { at: act.late, says: `late at ${act.late}`, stroke: 'var(--color-error)' },
        ].map(({ at, says, stroke }) => (
          <ReferenceLine
            key={at}
            y={at}
            stroke={stroke}
            strokeDasharray="6 4"
            label={{ value: says, position: 'insideTopLeft', fill: 'var(--quiet)', fontSize: 13 }}
          />
        ))}
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        <Bar
          dataKey="score"
          name="early blight, the day’s score"
          fill="var(--color-secondary)"
          isAnimationActive={false}
        />
        <Line
          dataKey="sum"
          name="early blight, sum"
          stroke="var(--color-primary)"
          strokeWidth={2.5}
          dot={false}
          isAnimationActive={false}
        />
        <Scatter
          dataKey="late"
          name="late-blight weather"
          fill="var(--color-error)"
          shape="triangle"
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
