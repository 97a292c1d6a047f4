import { convertFromSi } from '../../core/quantity'
import { monthLongName } from '../../wording/dates'
import type { LookView } from './look'

const WIDTH = 440
const HEIGHT = 190
const LEFT = 14
const RIGHT = 44
const TOP = 10
const BOTTOM = 24

/** Each month's usual low to high as a bar, on lines every ten degrees; months in which tomatoes grow stand out. */
export function ClimateBars({ months, units }: Pick<LookView, 'months' | 'units'>) {
  const shown = (value: number) => convertFromSi(value, 'temperature', units === 'us' ? '°f' : '°c')
  const step = units === 'us' ? 20 : 10
  const lowest = Math.min(...months.map(({ low }) => shown(low)))
  const highest = Math.max(...months.map(({ high }) => shown(high)))
  const from = Math.floor(lowest / step) * step
  const to = Math.ceil(highest / step) * step
  const y = (value: number) => TOP + ((to - value) / (to - from)) * (HEIGHT - TOP - BOTTOM)
  const room = (WIDTH - LEFT - RIGHT) / 12
  const lines = Array.from({ length: (to - from) / step + 1 }, (_, at) => from + at * step)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Usual low and high of each month. ${months
        .map(
          ({ low, high }, month) =>
            `${monthLongName(month + 1)} ${Math.round(shown(low))} to ${Math.round(shown(high))}`,
        )
        .join(', ')}.`}
      className="w-full max-w-xl"
    >
      {lines.map((value) => (
        <g key={value}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(value)} y2={y(value)} stroke="var(--color-base-300)" />
          <text x={WIDTH - RIGHT + 6} y={y(value) + 4} fontSize="12" fill="currentColor">
            {value} {units === 'us' ? '°F' : '°C'}
          </text>
        </g>
      ))}
      {months.map(({ low, high, isMild }, month) => {
        const middle = LEFT + room * (month + 0.5)
        return (
          <g key={month}>
            <rect
              x={middle - 6}
              width={12}
              y={y(shown(high))}
              height={Math.max(2, y(shown(low)) - y(shown(high)))}
              rx={6}
              fill={isMild ? 'var(--color-primary)' : 'var(--color-base-content)'}
              fillOpacity={isMild ? 1 : 0.35}
            />
            <text x={middle} y={HEIGHT - 6} fontSize="12" textAnchor="middle" fill="currentColor">
              {monthLongName(month + 1).charAt(0)}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
