'use client'

import {
  Area,
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import { useChartNumbers } from '../../components/chart-numbers'
import { AXIS, MARGIN, TOOLTIP } from '../../components/chart-style'
import type { BasketWeek } from './queries'

/** What is expected to ripen by week, with 8 years in 10 as a shade, and what was picked. */
export default function HarvestChart({
  weeks,
  today,
  unit,
}: {
  weeks: BasketWeek[]
  today: string | null
  unit: string
}) {
  const numbers = useChartNumbers()
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={weeks} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={18} />
        <YAxis {...AXIS} {...numbers.axis} axisLine={false} width={60} unit={` ${unit}`} />
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        <Area
          dataKey={({ low, high }: BasketWeek) => [low, high]}
          name={`8 years in 10, ${unit}`}
          fill="var(--color-primary)"
          fillOpacity={0.14}
          stroke="none"
          isAnimationActive={false}
        />
        {today && <ReferenceLine x={today} stroke="var(--color-base-content)" strokeDasharray="2 3" />}
        <Bar
          dataKey="picked"
          name={`picked, ${unit}`}
          fill="var(--color-ripe)"
          fillOpacity={0.85}
          isAnimationActive={false}
        />
        <Line
          dataKey="forecast"
          name={`expected, ${unit}`}
          stroke="var(--color-primary)"
          strokeWidth={2.5}
          strokeDasharray="6 4"
          dot={false}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
