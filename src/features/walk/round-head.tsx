import { Link } from '../../components/link'
import { SHARING } from '../../wording/round'
import type { Round, RoundPart } from './types'

/** What the round comes to, what to bring, and where else it leads. */
export function RoundHead({
  round,
  part,
  onPart,
  query,
  ahead,
  sumsUp,
  onSumUp,
}: {
  round: Round
  /** The part of it that is shown; null: the whole. */
  part: RoundPart | null
  onPart: (id: string) => void
  /** How an address says the day. */
  query: string
  ahead: boolean
  sumsUp: boolean
  onSumUp: () => void
}) {
  const { heading, pressing, carry, weather } = part ?? round
  return (
    <div className="border-b border-base-300 px-4 py-4">
      <h1 className="text-2xl font-semibold">{heading}</h1>
      {pressing && <p className="mt-1 font-semibold text-frost">{pressing}</p>}
      {carry && <p className="mt-1 text-quiet">{carry}</p>}
      {weather && <p className="mt-1 font-semibold text-water">{weather}</p>}
      {round.parts.length > 0 && <PartChoice round={round} part={part} onPart={onPart} />}
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

/** Which part of the round is shown: somebody's, a place's, or all. */
function PartChoice({
  round,
  part,
  onPart,
}: {
  round: Round
  part: RoundPart | null
  onPart: (id: string) => void
}) {
  const people = round.parts.filter(({ of }) => of !== 'place')
  const places = round.parts.filter(({ of }) => of === 'place')
  const options = (parts: readonly RoundPart[]) =>
    parts.map(({ id, of, name, due }) => (
      <option key={id} value={id}>
        {SHARING.part(of === 'nobody' ? SHARING.nobody : name, due)}
      </option>
    ))
  return (
    <select
      aria-label={SHARING.choose}
      value={part?.id ?? ''}
      onChange={(event) => onPart(event.target.value)}
      className={`select mt-2 min-h-11 w-full text-base ${part ? 'border-2 border-leaf font-semibold' : ''}`}
    >
      <option value="">{SHARING.whole(round.stops.length)}</option>
      {people.length > 0 && <optgroup label={SHARING.people}>{options(people)}</optgroup>}
      {places.length > 0 && <optgroup label={SHARING.places}>{options(places)}</optgroup>}
    </select>
  )
}
