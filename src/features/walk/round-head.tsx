import { Link } from '../../components/link'
import type { Round } from './types'

/** What the round comes to, what to bring, and where else it leads. */
export function RoundHead({
  round,
  query,
  ahead,
  sumsUp,
  onSumUp,
}: {
  round: Round
  /** How an address says the day. */
  query: string
  ahead: boolean
  sumsUp: boolean
  onSumUp: () => void
}) {
  return (
    <div className="border-b border-base-300 px-4 py-4">
      <h1 className="text-2xl font-semibold">{round.heading}</h1>
      {round.pressing && <p className="mt-1 font-semibold text-frost">{round.pressing}</p>}
      {round.carry && <p className="mt-1 text-quiet">{round.carry}</p>}
      {round.weather && <p className="mt-1 font-semibold text-water">{round.weather}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        <Link href={round.newPlantingHref} className="btn btn-sm min-h-11 bg-base-100">
          New planting
        </Link>
        {round.plantingDayHref && (
          <Link href={round.plantingDayHref} className="btn btn-sm min-h-11 bg-base-100">
            Planting day
          </Link>
        )}
        {round.stops.length > 0 && (
          <>
            <Link href={`/walk/sheet${query}`} className="btn btn-sm min-h-11 bg-base-100">
              On paper
            </Link>
            {!ahead && (
              <Link href={`/walk/paper${query}`} className="btn btn-sm min-h-11 bg-base-100">
                Enter from paper
              </Link>
            )}
          </>
        )}
        {round.stops.length > 1 && (
          <Link href={`/walk/order${query}`} className="btn btn-sm min-h-11 bg-base-100">
            Order of places
          </Link>
        )}
        {(round.stops.length > 0 || round.done.length > 0) && (
          <button
            type="button"
            className="btn btn-sm min-h-11 bg-base-100"
            aria-pressed={sumsUp}
            onClick={onSumUp}
          >
            Sum up
          </button>
        )}
      </div>
    </div>
  )
}
