'use client'

import { Area, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts'
import { useChartNumbers } from '../../components/chart-numbers'
import { AXIS, MARGIN } from '../../components/chart-style'
import { WAY_COLOURS } from './chart-values'

/** Ripe fruit by week: the middle season as a line, 8 of 10 as a shade. */
export function WeeksChart({
  weeks,
  names,
  unit,
}: {
  weeks: readonly { name: string; ways: readonly { low: number; middle: number; high: number }[] }[]
  names: readonly string[]
  unit: string
}) {
  const numbers = useChartNumbers()
  const data = weeks.map(({ name, ways }) => ({
    name,
    ...Object.fromEntries(
      ways.flatMap(({ low, middle, high }, at) => [
        [`middle${at}`, middle],
        [`spread${at}`, [low, high]],
      ]),
    ),
  }))
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={data} margin={MARGIN}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={18} />
        <YAxis {...AXIS} {...numbers.axis} axisLine={false} width={60} unit={` ${unit}`} />
        {names.map((name, at) => (
          <Area
            key={`spread ${name}`}
            dataKey={`spread${at}`}
            fill={WAY_COLOURS[at]}
            fillOpacity={0.14}
            stroke="none"
            isAnimationActive={false}
          />
        ))}
        {names.map((name, at) => (
          <Line
            key={name}
            dataKey={`middle${at}`}
            name={`${name}, ${unit}`}
            stroke={WAY_COLOURS[at]}
            strokeWidth={2.5}
            strokeDasharray={at === 0 ? '6 4' : undefined}
            dot={false}
            isAnimationActive={false}
          />
        ))}
      </ComposedChart>
    </ResponsiveContainer>
  )
}
