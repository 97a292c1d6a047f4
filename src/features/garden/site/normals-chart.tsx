'use client'

import { Bar, CartesianGrid, ComposedChart, Line, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { useChartNumbers } from '../../../components/chart-numbers'
import {
  AXIS,
  chartUnits,
  MARGIN,
  RAIN_AXIS,
  TEMPERATURE_AXIS,
  TOOLTIP,
} from '../../../components/chart-style'

/** A month in the garden's own units. */
export interface ChartMonth {
  name: string
  low: number
  high: number
  rain: number
}

/** Lows, highs and rain of the usual months. */
export default function NormalsChart({ months, units }: { months: ChartMonth[]; units: 'metric' | 'us' }) {
  const numbers = useChartNumbers()
  const { degree, depth } = chartUnits(units)
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={months} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} interval="preserveStartEnd" minTickGap={4} />
        <YAxis {...TEMPERATURE_AXIS} {...numbers.axis} unit={` ${degree}`} />
        <YAxis {...RAIN_AXIS} {...numbers.axis} unit={` ${depth}`} />
        <Tooltip
          formatter={(value, name) => [`${numbers.say(value)} ${name === 'rain' ? depth : degree}`, name]}
          {...TOOLTIP}
        />
        <Bar
          yAxisId="r"
          dataKey="rain"
          fill="var(--color-info)"
          fillOpacity={0.35}
          isAnimationActive={false}
        />
        <Line
          yAxisId="t"
          dataKey="high"
          stroke="var(--ripe)"
          strokeWidth={2}
          dot={{ r: 2.5 }}
          isAnimationActive={false}
        />
        <Line
          yAxisId="t"
          dataKey="low"
          stroke="var(--frost)"
          strokeWidth={2}
          strokeDasharray="6 3"
          dot={{ r: 2.5 }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  )
}
