'use client'

import {
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
import { useChartNumbers } from '../../../components/chart-numbers'
import { AXIS, MARGIN, TOOLTIP } from '../../../components/chart-style'

export interface FeedPoint {
  name: string
  soil: number
  supply: number
  demand: number
  left: number
}

/** What comes free by week, stacked by where from, against what the plants need. */
export default function FeedChart({ points, today }: { points: FeedPoint[]; today: string | null }) {
  const numbers = useChartNumbers()
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={points} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={18} />
        <YAxis {...AXIS} {...numbers.axis} axisLine={false} width={52} unit=" g" />
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        {today && <ReferenceLine x={today} stroke="var(--color-base-content)" strokeDasharray="2 3" />}
        <Bar
          dataKey="soil"
          stackId="free"
          name="from the soil, g"
          fill="var(--color-secondary)"
          fillOpacity={0.7}
          isAnimationActive={false}
        />
        <Bar
          dataKey="supply"
          stackId="free"
          name="from feed, g"
          fill="var(--color-accent)"
          fillOpacity={0.8}
          isAnimationActive={false}
        />
        <Line
          dataKey="demand"
          name="needed, g"
          stroke="var(--color-primary)"
          strokeWidth={2.5}
          dot={false}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}

/** What lies ready in the soil and unused, by week: far more than a week's need, so on a chart of its own. */
export function UnusedChart({ points, today }: { points: FeedPoint[]; today: string | null }) {
  const numbers = useChartNumbers()
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={points} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={18} />
        <YAxis {...AXIS} {...numbers.axis} axisLine={false} width={52} unit=" g" tickCount={3} />
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        {today && <ReferenceLine x={today} stroke="var(--color-base-content)" strokeDasharray="2 3" />}
        <Line
          dataKey="left"
          name="unused in the soil, g"
          stroke="var(--color-error)"
          strokeWidth={2}
          strokeDasharray="6 4"
          dot={false}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
