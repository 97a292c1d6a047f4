import { memo } from 'react'
import { linePath } from '../../components/drawing/line-path'
import type { Manner } from '../../core/facts'
import { sayTemperature } from '../../wording/say'
import type { Backdrop } from './season-backdrop'

const TOP = 8
const BOTTOM = 92

/** Night lows and soil over the lanes' own axis, in a band above them. */
export const WeatherBand = memo(function WeatherBand({
  backdrop,
  manner,
}: {
  backdrop: Backdrop
  manner: Manner
}) {
  const { low, soil } = backdrop
  const days = low.length
  const warmest = Math.max(...low, ...soil) + 1
  const coldest = Math.min(...low, ...soil, 0) - 1
  const y = (value: number) => BOTTOM - ((value - coldest) / (warmest - coldest)) * (BOTTOM - TOP)
  const ticks = [0, 10, 20].filter((value) => value > coldest && value < warmest)
  const labelled = Math.round(days * 0.44)
  return (
    <div className="relative h-24" aria-hidden>
      <svg
        className="absolute inset-0 h-full w-full"
        viewBox={`0 0 ${days - 1} 100`}
        preserveAspectRatio="none"
      >
        {ticks.map((value) => (
          <line
            key={value}
            x1="0"
            x2={days - 1}
            y1={y(value)}
            y2={y(value)}
            stroke="var(--color-base-300)"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <path
          d={linePath(low, y)}
          fill="none"
          stroke="var(--frost)"
          strokeWidth="1.8"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={linePath(soil, y)}
          fill="none"
          stroke="var(--color-secondary)"
          strokeWidth="1.8"
          strokeDasharray="6 4"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {ticks.map((value) => (
        <span
          key={value}
          className="absolute right-full -translate-y-1/2 pr-1.5 text-xs whitespace-nowrap text-quiet"
          style={{ top: `${y(value)}%` }}
        >
          {sayTemperature(value, manner)}
        </span>
      ))}
      <span
        className="absolute -translate-y-full text-xs text-stake"
        style={{ left: '40%', top: `${y(soil[labelled]!) - 2}%` }}
      >
        soil
      </span>
      <span className="absolute text-xs text-frost" style={{ left: '44%', top: `${y(low[labelled]!) + 3}%` }}>
        usual night low
      </span>
    </div>
  )
})

/** Weeks drawn as hatching, denser the likelier a frost is in them. */
const LEAST_RISK = 0.02

/** Frost risk behind the lanes, and the days between which nights and soil are warm enough. */
export const LaneBackdrop = memo(function LaneBackdrop({
  backdrop,
  today,
}: {
  backdrop: Backdrop
  today: number
}) {
  const { risk, months, warm } = backdrop
  const days = risk.length
  const left = (day: number) => `${(day / days) * 100}%`
  const weeks = Array.from({ length: Math.ceil(days / 7) }, (_, week) => {
    const part = risk.slice(week * 7, week * 7 + 7)
    return { from: week * 7, risk: part.reduce((sum, value) => sum + value, 0) / part.length }
  })
  return (
    <div aria-hidden className="pointer-events-none absolute inset-0">
      {weeks.map(
        ({ from, risk }) =>
          risk >= LEAST_RISK && (
            <span
              key={from}
              className="absolute inset-y-0 bg-[repeating-linear-gradient(135deg,transparent_0_5px,var(--frost)_5px_6px)]"
              style={{ left: left(from), width: left(Math.min(7, days - from)), opacity: 0.06 + 0.34 * risk }}
            />
          ),
      )}
      {months.map(({ day, name }) => (
        <span
          key={name + day}
          className="absolute inset-y-0 border-l border-base-300"
          style={{ left: left(day) }}
        />
      ))}
      {[warm.nights?.[0], warm.soil?.[0]].map(
        (day, index) =>
          day !== undefined &&
          day > 0 && (
            <span
              key={index}
              className={`absolute inset-y-0 border-l border-dashed ${index === 0 ? 'border-frost' : 'border-stake'}`}
              style={{ left: left(day) }}
            />
          ),
      )}
      {today >= 0 && (
        <span className="absolute inset-y-0 border-l-2 border-base-content" style={{ left: left(today) }} />
      )}
    </div>
  )
})
