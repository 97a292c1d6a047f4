/** What the charts share: the garden's own colours, and its units on the axes. */
export const AXIS = {
  tick: { fill: 'var(--quiet)', fontSize: 13 },
  tickLine: false,
} as const

export const TEMPERATURE_AXIS = { ...AXIS, yAxisId: 't', axisLine: false, width: 52 } as const
export const RAIN_AXIS = { ...AXIS, yAxisId: 'r', orientation: 'right', axisLine: false, width: 66 } as const

export const TOOLTIP = {
  contentStyle: { background: 'var(--color-base-100)', borderColor: 'var(--color-base-300)' },
  labelStyle: { color: 'var(--color-base-content)' },
} as const

export const MARGIN = { top: 8, right: 4, bottom: 0, left: 0 }

/** The units of a chart's two axes. */
export const chartUnits = (units: 'metric' | 'us') =>
  units === 'us' ? { degree: '°F', depth: 'in', freezing: 32 } : { degree: '°C', depth: 'mm', freezing: 0 }
