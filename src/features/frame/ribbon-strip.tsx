'use client'

import { memo, useRef } from 'react'
import { linePath } from '../../components/drawing/line-path'
import { useAlong } from '../../components/use-along'
import { addDays, monthOf } from '../../core/calendar'
import { monthName } from '../../wording/dates'
import { sayTemperature } from '../../wording/say'
import type { RibbonData } from './queries'

/** Drawn in a box of `days` × 100, stretched to the strip; words lie over it, so that they are not stretched. */
const TOP = 16
const BOTTOM = 64
const LANES = { 'under cover': 70, 'in the ground': 81, bearing: 92 } as const
/** Strokes of a lane, one over the other, as the season's lanes look: hollow under glass, solid, beaded with fruit. */
const STROKES: Record<keyof typeof LANES, React.SVGAttributes<SVGLineElement>[]> = {
  'under cover': [
    { stroke: 'var(--color-primary)', strokeWidth: 6 },
    { stroke: 'var(--color-base-200)', strokeWidth: 3 },
  ],
  'in the ground': [{ stroke: 'var(--color-primary)', strokeWidth: 6 }],
  bearing: [{ stroke: 'var(--ripe)', strokeWidth: 6, strokeLinecap: 'round', strokeDasharray: '0 9' }],
}

export function RibbonStrip({
  data,
  at,
  label,
  onMove,
}: {
  data: RibbonData
  at: number
  label: string
  onMove: (day: number) => void
}) {
  const strip = useRef<HTMLDivElement>(null)
  const hand = useAlong({ track: () => strip.current!, at, last: data.days - 1, onMove })
  return (
    <div
      ref={strip}
      className="relative h-[104px] grow cursor-ew-resize touch-none select-none max-sm:h-20"
      role="slider"
      tabIndex={0}
      aria-label="Date of every screen"
      aria-valuemin={0}
      aria-valuemax={data.days - 1}
      aria-valuenow={at}
      aria-valuetext={label}
      {...hand}
    >
      <Curves data={data} />
      <div
        className="marker-moves pointer-events-none absolute inset-y-0 w-0.5 bg-base-content"
        style={{ left: `${share(at, data)}%` }}
      >
        <span className="absolute -top-px left-1/2 -translate-x-1/2 border-x-[7px] border-t-9 border-x-transparent border-t-base-content" />
      </div>
    </div>
  )
}

const share = (day: number, { days }: RibbonData) => (day / (days - 1)) * 100

/** Everything but the marker: redrawn only when the garden changes. */
const Curves = memo(function Curves({ data }: { data: RibbonData }) {
  const { usualLow, soil, low, risk, days, sources, manner } = data
  const warmest = Math.max(...soil, ...usualLow, 15) + 1
  const coldest = Math.min(...usualLow, ...soil, -2)
  const y = (value: number) =>
    BOTTOM - ((Math.max(coldest - 4, value) - coldest) / (warmest - coldest)) * (BOTTOM - TOP)
  const known = [...sources].filter((source) => source !== 'n').length
  const firstKnown = [...sources].findIndex((source) => source !== 'n')
  // The chance of frost stands on the lanes as high as it is likely.
  const hatch = risk.map(
    (value, day) => `${share(day, data).toFixed(2)}% ${(BOTTOM - value * (BOTTOM - TOP)).toFixed(1)}%`,
  )
  const months = monthStarts(data)
  const limit = 10
  const riskAt = labelPlace(risk)
  return (
    <>
      <div
        aria-hidden
        className="absolute inset-0 bg-[repeating-linear-gradient(135deg,transparent_0_4px,var(--frost)_4px_5px)] opacity-40"
        style={{ clipPath: `polygon(0% ${BOTTOM}%, ${hatch.join(', ')}, 100% ${BOTTOM}%)` }}
      />
      <svg
        className="absolute inset-0 h-full w-full"
        viewBox={`0 0 ${days - 1} 100`}
        preserveAspectRatio="none"
        aria-hidden
      >
        {months.map(({ day }) => (
          <line
            key={day}
            x1={day}
            x2={day}
            y1="0"
            y2="100"
            stroke="var(--color-base-300)"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <line
          x1="0"
          x2={days - 1}
          y1={y(limit)}
          y2={y(limit)}
          stroke="var(--quiet)"
          strokeDasharray="1 4"
          vectorEffect="non-scaling-stroke"
        />
        {firstKnown >= 0 && (
          <path
            d={linePath(low.slice(firstKnown, firstKnown + known), y, firstKnown)}
            fill="none"
            stroke="var(--frost)"
            strokeWidth="1"
            opacity="0.45"
            vectorEffect="non-scaling-stroke"
          />
        )}
        <path
          d={linePath(usualLow, y)}
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
        {data.lanes.flatMap(({ name, from, to }) =>
          STROKES[name].map((stroke, index) => (
            <line
              key={`${name} ${index}`}
              x1={from}
              x2={to}
              y1={LANES[name] + 2}
              y2={LANES[name] + 2}
              vectorEffect="non-scaling-stroke"
              {...stroke}
            />
          )),
        )}
      </svg>
      <div className="pointer-events-none absolute inset-0 overflow-hidden text-xs" aria-hidden>
        {months.map(({ day, month }) => (
          <span
            key={day}
            className="absolute top-0.5 pl-1 text-quiet"
            style={{ left: `${share(day, data)}%` }}
          >
            {monthName(month)}
          </span>
        ))}
        <span
          className="absolute left-1 -translate-y-1/2 bg-base-200/80 px-0.5 text-quiet max-sm:hidden"
          style={{ top: `${y(limit)}%` }}
        >
          {sayTemperature(limit, manner)}
        </span>
        <LineLabel data={data} values={soil} y={y} className="text-stake" text="soil" above />
        <LineLabel data={data} values={usualLow} y={y} className="text-frost" text="night low" />
        {riskAt !== null && (
          <span
            className="absolute bg-base-200/85 px-0.5 text-frost max-sm:hidden"
            style={{ left: `${share(riskAt, data) + 1}%`, top: `${BOTTOM - 17}%` }}
          >
            frost risk
          </span>
        )}
        {data.lanes.map(({ name, from, to }) => (
          <span
            key={name}
            className="absolute -translate-y-1/2 px-1 leading-none whitespace-nowrap max-sm:hidden"
            style={
              share(from, data) > 14
                ? { right: `${100 - share(from, data)}%`, top: `${LANES[name] + 2}%` }
                : { left: `${share(to, data)}%`, top: `${LANES[name] + 2}%` }
            }
          >
            {name}
          </span>
        ))}
      </div>
    </>
  )
})

/** Share of the strip's height, %, under which a label over a line would lie on the months. */
const MONTHS_END = 34

/** Share of the strip's days after which a label would be cut off. */
const MOST_RIGHT = 0.95

function LineLabel({
  data,
  values,
  y,
  text,
  className,
  above = false,
}: {
  data: RibbonData
  values: readonly number[]
  y: (value: number) => number
  text: string
  className: string
  above?: boolean
}) {
  const usual = Math.round(data.days * 0.72)
  // The months are named along the top: over a line there is room where it has come down from them.
  const free = above ? values.findIndex((value, at) => at >= data.days * 0.6 && y(value) > MONTHS_END) : -1
  const day = free < 0 || free > data.days * MOST_RIGHT ? usual : free
  const top = y(values[day]!)
  const isAbove = above && top > MONTHS_END
  return (
    <span
      className={`absolute max-sm:hidden ${className} ${isAbove ? '-translate-y-full' : ''}`}
      style={{ left: `${share(day, data)}%`, top: `${top + (isAbove ? -2 : 1)}%` }}
    >
      {text}
    </span>
  )
}

/** Where autumn's frost is likely enough to be named; null: nowhere. */
function labelPlace(risk: readonly number[]): number | null {
  const day = risk.findIndex((value, index) => index > risk.length / 2 && value > 0.3)
  return day < 0 ? null : Math.min(day, risk.length - 20)
}

function monthStarts({ start, days }: RibbonData): { day: number; month: number }[] {
  return Array.from({ length: days }, (_, day) => ({ day, date: addDays(start, day) }))
    .filter(({ date }) => date.endsWith('-01'))
    .map(({ day, date }) => ({ day, month: monthOf(date) }))
}
