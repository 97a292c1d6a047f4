import { Link } from '../../../components/link'
import type { Piece } from './piece'

/** Every piece of the plan by name: what is small under a finger is chosen here. */
export function PiecePick({
  pieces,
  held,
  query,
  onChoose,
}: {
  pieces: readonly Piece[]
  /** What grows in a place. */
  held: (id: string) => string
  query: string
  /** Absent: the plan is only looked at, and a place opens its page. */
  onChoose?: (id: string) => void
}) {
  return (
    <ul aria-label="On the plan" className="mt-2">
      {inOrder(pieces).map(({ of, row: { id, name } }) => (
        <li key={id} className="flex items-center justify-between gap-3 border-t border-base-300">
          {onChoose ? (
            <button
              type="button"
              className="min-h-11 shrink-0 pr-2 text-left font-semibold hover:underline"
              onClick={() => onChoose(id)}
            >
              {name}
            </button>
          ) : of === 'place' ? (
            <Link href={`/ground/${id}${query}`} className="inline-flex min-h-11 items-center font-semibold">
              {name}
            </Link>
          ) : (
            <span className="py-2 font-semibold">{name}</span>
          )}
          <span className="text-right text-sm text-quiet">{held(id)}</span>
        </li>
      ))}
    </ul>
  )
}

/** Places before what only throws shade, each as people count: Pot 2 before Pot 10. */
const inOrder = (pieces: readonly Piece[]) =>
  [...pieces].sort(
    (a, b) =>
      Number(a.of === 'obstacle') - Number(b.of === 'obstacle') ||
      a.row.name.localeCompare(b.row.name, 'en', { numeric: true }),
  )
