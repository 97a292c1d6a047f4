'use client'

import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import { useChartNumbers } from '../../../components/chart-numbers'
import { AXIS, MARGIN, TOOLTIP } from '../../../components/chart-style'
import type { BalancePoint } from './queries'

/** What is missing from a root zone by day, over what came from the sky and the can. */
export default function WaterChart({ points, unit }: { points: BalancePoint[]; unit: string }) {
  const numbers = useChartNumbers()
  const ahead = points.filter((point) => point.ahead)
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={points} margin={MARGIN} barGap={0}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={20} />
        <YAxis {...AXIS} {...numbers.axis} axisLine={false} width={70} unit={` ${unit}`} />
        {ahead.length > 0 && (
          <ReferenceArea
            x1={ahead[0]!.name}
            x2={ahead.at(-1)!.name}
            fill="var(--color-base-200)"
            fillOpacity={0.7}
          />
        )}
        <Tooltip {...TOOLTIP} {...numbers.tooltip} />
        <Bar
          dataKey="rain"
          name={`rain, ${unit}`}
          fill="var(--color-info)"
          fillOpacity={0.45}
          barSize={5}
          isAnimationActive={false}
        />
        <Bar
          dataKey="watering"
          name={`watered, ${unit}`}
          fill="var(--color-info)"
          barSize={5}
          isAnimationActive={false}
        />
        <Line
          dataKey="trigger"
          name={`growth slows, ${unit}`}
          stroke="var(--color-error)"
          strokeDasharray="6 4"
          dot={false}
          isAnimationActive={false}
        />
        <Line
          dataKey="depletion"
          name={`short of, ${unit}`}
          stroke="var(--color-primary)"
          strokeWidth={2.5}
          dot={false}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
