'use client'

import { PhotoStrip } from '../../components/photo/photo-strip'
import type { Urgency } from '../../core/calls'
import type { Round, Stop } from './types'

const MARKS: Record<Urgency, string> = {
  tonight: 'border-frost text-frost',
  late: 'border-cut text-cut',
  today: 'border-leaf text-leaf',
  coming: 'border-base-300 text-quiet',
}

/** The round in order; below it what is coming and what was done. */
export function StopList({
  round,
  stops,
  coming,
  selected,
  onSelect,
}: {
  round: Round
  stops: readonly Stop[]
  coming: readonly Stop[]
  selected: string | null
  onSelect: (call: string) => void
}) {
  return (
    <>
      <ol aria-label="Stops">
        {stops.map((stop, index) => (
          <StopRow
            key={stop.call}
            stop={stop}
            mark={String(index + 1)}
            selected={stop.call === selected}
            onSelect={onSelect}
          />
        ))}
      </ol>
      {coming.length > 0 && (
        <>
          <h2 className="px-4 pt-5 pb-2 text-base font-semibold">Coming this week</h2>
          <ol aria-label="Coming this week" className="border-t border-base-300">
            {coming.map((stop) => (
              <StopRow
                key={stop.call}
                stop={stop}
                mark="·"
                selected={stop.call === selected}
                onSelect={onSelect}
              />
            ))}
          </ol>
        </>
      )}
      {round.done.length > 0 && (
        <>
          <h2 className="px-4 pt-5 pb-2 text-base font-semibold">Recorded for this day</h2>
          <ul aria-label="Recorded for this day" className="space-y-1 px-4 pb-5 text-quiet">
            {round.done.map(({ id, text, photos }) => (
              <li key={id} className="flex gap-2 break-words">
                <span aria-hidden>✓</span>
                <span className="min-w-0">
                  {text}
                  <PhotoStrip photos={photos} />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  )
}

function StopRow({
  stop,
  mark,
  selected,
  onSelect,
}: {
  stop: Stop
  mark: string
  selected: boolean
  onSelect: (call: string) => void
}) {
  return (
    <li className="border-b border-base-300">
      <button
        className={`grid w-full grid-cols-[2.25rem_1fr_auto] gap-x-2 border-l-4 px-3 py-2.5 text-left ${selected ? 'border-leaf bg-base-200' : 'border-transparent hover:bg-base-200'}`}
        aria-current={selected ? 'true' : undefined}
        onClick={(event) => {
          // After a click Enter is to do the stop, not to choose it once more.
          if (event.detail > 0) event.currentTarget.blur()
          onSelect(stop.call)
        }}
      >
        <span
          className={`row-span-3 mt-0.5 grid size-7 place-items-center rounded-full border text-sm font-semibold ${MARKS[stop.urgency]}`}
        >
          {mark}
        </span>
        <span className="text-sm text-quiet">{stop.place}</span>
        <span className="text-right text-sm whitespace-nowrap text-quiet">{stop.when}</span>
        <span className="leading-snug font-semibold">{stop.title}</span>
        <span className="text-right text-sm whitespace-nowrap text-quiet">{stop.minutes}</span>
        <span className="col-span-2 col-start-2 text-sm text-quiet">{stop.cultivar}</span>
      </button>
    </li>
  )
}
