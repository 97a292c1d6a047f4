'use client'

import {
  Bar,
  CartesianGrid,
  Cell,
  ComposedChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import { useChartNumbers } from '../../../components/chart-numbers'
import {
  AXIS,
  chartUnits,
  MARGIN,
  RAIN_AXIS,
  TEMPERATURE_AXIS,
  TOOLTIP,
} from '../../../components/chart-style'

/** A day in the garden's own units. */
export interface ChartDay {
  name: string
  range: [low: number, high: number]
  rain: number
  made: boolean
}

/** Each day's low to high, with its rain beneath. */
export default function WeatherChart({ days, units }: { days: ChartDay[]; units: 'metric' | 'us' }) {
  const numbers = useChartNumbers()
  const { degree, depth, freezing } = chartUnits(units)
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart accessibilityLayer={false} data={days} margin={MARGIN} barGap={-10}>
        <CartesianGrid vertical={false} stroke="var(--color-base-300)" />
        <XAxis dataKey="name" {...AXIS} minTickGap={14} />
        <YAxis {...TEMPERATURE_AXIS} {...numbers.axis} unit={` ${degree}`} />
        <YAxis {...RAIN_AXIS} {...numbers.axis} unit={` ${depth}`} />
        <Tooltip
          formatter={(value, name) =>
            Array.isArray(value)
              ? [`${numbers.say(value[0])} to ${numbers.say(value[1])} ${degree}`, 'low to high']
              : [`${numbers.say(value)} ${depth}`, name]
          }
          {...TOOLTIP}
        />
        <ReferenceLine yAxisId="t" y={freezing} stroke="var(--frost)" strokeDasharray="4 3" />
        <Bar
          yAxisId="r"
          dataKey="rain"
          name="rain"
          fill="var(--color-info)"
          fillOpacity={0.4}
          barSize={10}
          isAnimationActive={false}
        />
        <Bar yAxisId="t" dataKey="range" barSize={7} isAnimationActive={false}>
          {days.map(({ name, made }) => (
            <Cell
              key={name}
              fill={made ? 'var(--leaf-mark)' : 'var(--color-primary)'}
              fillOpacity={made ? 0.6 : 1}
            />
          ))}
        </Bar>
      </ComposedChart>
    </ResponsiveContainer>
  )
}
