import Link from 'next/link'
import { SeasonLanes } from './season-lanes'
import type { SeasonView } from './queries'

/** The whole season on one axis, a lane for each planting. */
export function SeasonScreen({ view, on }: { view: SeasonView; on: string | null }) {
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <h1 className="text-3xl font-semibold">{view.answer}</h1>
          <p className="mt-1 text-lg text-quiet">{view.deciding}</p>
        </div>
        <Link href={view.newPlantingHref} className="btn min-h-11 bg-base-100">
          New planting
        </Link>
      </div>
      {view.lanes.length === 0 ? (
        <p className="mt-8 text-lg">
          Plan a planting, and its whole season shows here: when to sow, set out and pick, with the odds of
          each date.
        </p>
      ) : (
        <SeasonLanes view={view} on={on} />
      )}
      {view.next.length > 0 && (
        <section className="mt-6">
          <h2 className="mb-1.5 text-lg font-semibold">This week and next</h2>
          <ul className="max-w-4xl">
            {view.next.map(({ text, when, place }) => (
              <li
                key={text + place}
                className="grid grid-cols-[6rem_1fr_auto] gap-3 border-t border-base-300 py-1.5 max-sm:grid-cols-[5rem_1fr]"
              >
                <span className="text-quiet">{when}</span>
                <span className="font-semibold">{text}</span>
                <span className="text-quiet max-sm:col-start-2">{place}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
