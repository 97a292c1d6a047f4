import type { Manner } from '../../../core/facts'
import type { LaidRow } from '../../../core/spacing'
import { sayLength } from '../../../wording/say'

/** A row as a strip to scale: a band a run, a dot a plant. */
export function RunStrip({
  laid,
  length,
  nameOf,
  manner,
}: {
  laid: LaidRow
  length: number
  nameOf: (cultivarId: string) => string
  manner: Manner
}) {
  const reach = Math.max(length, length - laid.left)
  const share = (metres: number) => `${(metres / reach) * 100}%`
  return (
    <div
      className="relative h-14 border-y-2 border-straw bg-(--soil-pale)"
      role="img"
      aria-label={
        laid.runs.map(({ run }) => `${run.plants} ${nameOf(run.cultivarId)}`).join(', then ') ||
        'an empty row'
      }
    >
      {laid.runs.map(({ run, xs }, index) => {
        const [from, to] = [xs[0]! - run.inRow / 2, xs.at(-1)! + run.inRow / 2]
        return (
          <div
            key={index}
            className={`absolute inset-y-0 overflow-hidden border-x border-base-100 ${index % 2 === 0 ? 'bg-(--leaf-mark)/35' : 'bg-(--leaf-young)/35'}`}
            style={{ left: share(from), width: share(to - from) }}
          >
            <span className="block truncate px-1 text-sm font-semibold">
              {run.plants} {nameOf(run.cultivarId)}
            </span>
          </div>
        )
      })}
      {laid.runs.flatMap(({ xs }) =>
        xs.map((x) => (
          <span
            key={x}
            aria-hidden
            className="absolute bottom-2 size-2 -translate-x-1/2 rounded-full bg-primary"
            style={{ left: share(x) }}
          />
        )),
      )}
      {laid.left < 0 && (
        <span
          aria-hidden
          className="absolute inset-y-0 border-l-4 border-cut"
          style={{ left: share(length) }}
          title={`end of the row, ${sayLength(length, manner)}`}
        />
      )}
    </div>
  )
}
