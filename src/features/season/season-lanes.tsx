import Link from 'next/link'
import type { Lane, SeasonView } from './queries'

const FILL: Record<Lane['segments'][number]['kind'], string> = {
  raising: 'bg-(--leaf-young)',
  hardening: 'bg-[repeating-linear-gradient(135deg,var(--leaf-young)_0_4px,var(--color-primary)_4px_8px)]',
  growing: 'bg-leaf',
  bearing: 'bg-ripe',
}
const MARKS: Record<Lane['marks'][number]['stage'], string> = {
  sow: '●',
  'set-out': '▼',
  'first-flower': '✻',
}

/** Lanes to the scale of days, with the frosts of spring and autumn behind them. */
export function SeasonLanes({ view, on }: { view: SeasonView; on: string | null }) {
  const { days, lanes, months, today, spring, autumn } = view
  const left = (day: number) => `${(day / days) * 100}%`
  const width = (from: number, to: number) => `${((to - from) / days) * 100}%`
  return (
    <figure className="mt-5">
      <div className="grid grid-cols-[13rem_1fr] max-sm:grid-cols-[7.5rem_1fr]">
        <div />
        <div className="relative h-6 text-sm text-quiet">
          {months.map(({ day, name }, index) => (
            <span
              key={name}
              className={`absolute pl-1 ${index % 2 === 1 ? 'max-sm:hidden' : ''}`}
              style={{ left: left(day) }}
            >
              {name}
            </span>
          ))}
        </div>
      </div>
      <div className="relative">
        <div aria-hidden className="pointer-events-none absolute inset-y-0 right-0 left-52 max-sm:left-30">
          {months.map(({ day, name }) => (
            <span
              key={name}
              className="absolute inset-y-0 border-l border-base-300"
              style={{ left: left(day) }}
            />
          ))}
          {[spring, autumn].map(
            (range, index) =>
              range && (
                <span
                  key={index}
                  className="absolute inset-y-0 bg-[repeating-linear-gradient(45deg,transparent_0_5px,var(--frost)_5px_6px)] opacity-35"
                  style={{ left: left(range.from), width: width(range.from, range.to) }}
                />
              ),
          )}
          <span className="absolute inset-y-0 border-l-2 border-base-content" style={{ left: left(today) }} />
        </div>
        <ol aria-label="Plantings" className="relative">
          {lanes.map((lane) => (
            <li key={lane.id} className="border-t border-base-300">
              <Link
                href={on ? `${lane.href}?on=${on}` : lane.href}
                className="grid grid-cols-[13rem_1fr] hover:bg-base-200/60 max-sm:grid-cols-[7.5rem_1fr]"
              >
                <span className="flex min-h-11 flex-col justify-center pr-2 leading-tight">
                  <span className="truncate font-semibold">{lane.name}</span>
                  <span className="text-sm text-quiet">{lane.place}</span>
                </span>
                <span className="relative block" role="img" aria-label={lane.text}>
                  {lane.segments.map(({ kind, from, to }) => (
                    <span
                      key={kind}
                      className={`absolute top-1/2 h-2.5 -translate-y-1/2 ${FILL[kind]}`}
                      style={{ left: left(from), width: width(from, to) }}
                    />
                  ))}
                  {lane.ripe && (
                    <span
                      className="absolute top-1/2 h-5 -translate-y-1/2 border-x-2 border-ripe"
                      style={{
                        left: left(lane.ripe.from),
                        width: width(lane.ripe.from, Math.max(lane.ripe.to, lane.ripe.from + 1)),
                      }}
                    />
                  )}
                  {lane.marks.map(({ stage, day, logged }) => (
                    <span
                      key={stage}
                      aria-hidden
                      className={`absolute top-0 -translate-x-1/2 text-xs leading-none ${logged ? '' : 'opacity-60'}`}
                      style={{ left: left(day) }}
                    >
                      {MARKS[stage]}
                    </span>
                  ))}
                </span>
              </Link>
            </li>
          ))}
        </ol>
      </div>
      <figcaption className="mt-3 flex flex-wrap gap-x-5 gap-y-1 text-sm text-quiet">
        <Key fill={FILL.raising} name="under cover" />
        <Key fill={FILL.hardening} name="hardening off" />
        <Key fill={FILL.growing} name="in the ground" />
        <Key fill={FILL.bearing} name="bearing, |–| 8 seasons of 10" />
        <span>● sow</span>
        <span>▼ set out</span>
        <span>✻ first flower</span>
        <Key
          fill="bg-[repeating-linear-gradient(45deg,transparent_0_5px,var(--frost)_5px_6px)]"
          name="last and first frost, 8 years of 10"
        />
      </figcaption>
    </figure>
  )
}

function Key({ fill, name }: { fill: string; name: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className={`h-2.5 w-6 ${fill}`} />
      {name}
    </span>
  )
}
