'use client'

import { Bar, CartesianGrid, ComposedChart, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { useChartNumbers } from '../../components/chart-numbers'
import { AXIS, MARGIN, TOOLTIP } from '../../components/chart-style'
import type { GrowthPoint } from './growth'

/** Height and leaves from emergence to now, and what was cut on the way. */
export default function GrowthChart({ points, unit }: { points: GrowthPoint[]; unit: 'cm' | 'in' }) {
  const numbers = useChartNumbers()
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={points} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={24} />
        <YAxis yAxisId="height" {...AXIS} {...numbers.axis} axisLine={false} width={64} unit={` ${unit}`} />
        <YAxis
          yAxisId="count"
          orientation="right"
          {...AXIS}
          {...numbers.axis}
          axisLine={false}
          width={34}
          allowDecimals={false}
        />
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        <Bar
          yAxisId="count"
          dataKey="cut"
          name="parts cut"
          fill="var(--color-error)"
          barSize={6}
          isAnimationActive={false}
        />
        <Line
          yAxisId="height"
          dataKey="height"
          name={`height, ${unit}`}
          stroke="var(--color-primary)"
          strokeWidth={2}
          dot={false}
          isAnimationActive={false}
        />
        <Line
          yAxisId="count"
          dataKey="leaves"
          name="leaves"
          stroke="var(--color-accent)"
          strokeWidth={2}
          strokeDasharray="6 3"
          dot={false}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
