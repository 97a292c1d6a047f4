import { Link } from '../../../components/link'
import { sayCount } from '../../../wording/say'
import type { PlantingView } from '../queries'

/** What can follow a planting that was just made. */
export function Made({ view, made }: { view: PlantingView; made: number }) {
  const next = [
    { href: view.again, words: 'Add another planting' },
    { href: `/ground/${view.place.id}`, words: `See ${view.place.name} from above` },
    { href: '/ground/papers/labels', words: 'Print labels' },
    { href: '/walk', words: 'Today’s round' },
  ]
  return (
    <section
      aria-label="Saved"
      className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-leaf bg-base-200 px-4 py-2"
    >
      <p role="status" className="font-semibold">
        {made > 1 ? `Saved in ${sayCount(made, 'place')}. This is the first.` : 'Saved.'}
      </p>
      <p className="flex flex-wrap gap-2">
        {next.map(({ href, words }) => (
          <Link key={href} href={href} className="btn min-h-11 bg-base-100">
            {words}
          </Link>
        ))}
      </p>
    </section>
  )
}
