'use client'

import { Link } from '../../components/link'
import { memo, useRef } from 'react'
import { useAlong } from '../../components/use-along'
import { addDays, daysBetween, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { PlantingDates } from '../../core/season'
import { formatDate } from '../../wording/dates'
import { Glyph } from './glyphs'
import { laneOf, type Axis, type SegmentKind } from './lanes'
import type { LanePlanting } from './lane-plantings'

export const FILL: Record<SegmentKind, string> = {
  raising: 'lane-raised',
  hardening: 'lane-hardened',
  growing: 'lane-out',
  bearing: 'lane-bearing',
}

/** One planting along the axis; where it is not sown yet, the seed can be moved. */
export const LaneRow = memo(function LaneRow({
  planting,
  dates,
  axis,
  manner,
  query,
  moved,
  onMove,
}: {
  planting: LanePlanting
  dates: PlantingDates
  axis: Axis
  manner: Manner
  query: string
  moved: boolean
  onMove: (planting: LanePlanting, to: IsoDate) => void
}) {
  const { segments, marks, spreads, text } = laneOf(dates, planting.raising, axis, manner)
  const left = (day: number) => `${(day / axis.days) * 100}%`
  return (
    <li
      className={`grid grid-cols-[13rem_1fr] border-t border-base-300 max-sm:grid-cols-[7rem_1fr] ${moved ? 'bg-(--caution)/60' : ''}`}
    >
      {planting.parts.length > 1 ? (
        <details className="min-w-0 pr-2 leading-tight">
          <summary className="flex min-h-11 cursor-pointer flex-col justify-center hover:bg-base-200">
            <span className="truncate font-semibold">{planting.name}</span>
            <span className="truncate text-sm text-quiet">{planting.place}</span>
          </summary>
          <ul>
            {planting.parts.map(({ id, href, place, count }) => (
              <li key={id}>
                <Link href={href + query} className="link inline-flex min-h-11 items-center">
                  {place} × {count}
                </Link>
              </li>
            ))}
          </ul>
        </details>
      ) : (
        <Link
          href={planting.href + query}
          className="flex min-h-11 min-w-0 flex-col justify-center pr-2 leading-tight hover:bg-base-200"
        >
          <span className="truncate font-semibold">{planting.name}</span>
          <span className="truncate text-sm text-quiet">{planting.place}</span>
        </Link>
      )}
      <div className="relative" data-lane={planting.id}>
        <span className="sr-only">{text}</span>
        {segments.map(({ kind, from, to }) => (
          <span
            key={kind}
            className={`absolute top-4 h-2.5 ${FILL[kind]}`}
            style={{ left: left(from), width: left(to - from) }}
          />
        ))}
        {spreads.map(({ stage, from, to }) => (
          <span
            key={stage}
            className={`absolute top-[31px] h-2 border-x-2 ${stage === 'end' ? 'border-frost' : stage === 'first-ripe' ? 'border-ripe' : 'border-leaf'}`}
            style={{ left: left(from), width: left(Math.max(1, to - from)) }}
          >
            <span
              className={`absolute top-[3px] right-0 left-0 border-t-2 ${stage === 'end' ? 'border-frost' : stage === 'first-ripe' ? 'border-ripe' : 'border-leaf'}`}
            />
          </span>
        ))}
        {marks.map(
          ({ stage, day, logged }) =>
            !(stage === 'sow' && planting.movable) && (
              <span
                key={stage}
                className={`absolute top-[11px] grid h-5 w-5 -translate-x-1/2 place-items-center rounded-full bg-base-100/90 ${stage === 'emerge' || stage === 'peak' ? 'max-sm:hidden' : ''}`}
                style={{ left: left(day) }}
              >
                <Glyph stage={stage} faint={!logged} />
              </span>
            ),
        )}
        {planting.movable && dates.sow.date !== null && (
          <SowHandle planting={planting} sow={dates.sow.date} axis={axis} manner={manner} onMove={onMove} />
        )}
      </div>
    </li>
  )
})

/** The seed of a planting that is not sown yet: drag it, or move it with the arrow keys. */
function SowHandle({
  planting,
  sow,
  axis,
  manner,
  onMove,
}: {
  planting: LanePlanting
  sow: IsoDate
  axis: Axis
  manner: Manner
  onMove: (planting: LanePlanting, to: IsoDate) => void
}) {
  const handle = useRef<HTMLDivElement>(null)
  const day = Math.min(axis.days, Math.max(0, daysBetween(axis.start, sow)))
  const hand = useAlong({
    track: () => handle.current!.parentElement!,
    at: day,
    last: axis.days,
    onMove: (to) => onMove(planting, addDays(axis.start, to)),
  })
  return (
    <div
      ref={handle}
      role="slider"
      tabIndex={0}
      aria-label={`Sow ${planting.name}, ${planting.place}`}
      aria-valuemin={0}
      aria-valuemax={axis.days}
      aria-valuenow={day}
      aria-valuetext={formatDate(sow, manner, 'full')}
      title="Sowing date: drag it, or use the arrow keys"
      className="absolute inset-y-0 grid w-11 -translate-x-1/2 cursor-ew-resize touch-none place-items-center"
      style={{ left: `${(day / axis.days) * 100}%` }}
      {...hand}
    >
      <span className="grid h-7 w-7 place-items-center rounded-full border-2 border-base-content bg-base-100">
        <Glyph stage="sow" />
      </span>
    </div>
  )
}
