import { Link } from '../../components/link'
import { PartHeading } from '../../components/advice/why'
import type { Act } from './types'

/** What comes off which plant, with the way to its picture. */
export function TendedPlants({ alike }: { alike: Extract<Act, { type: 'tend' }>['alike'] }) {
  if (alike.length === 0) return null
  return (
    <section aria-label="Plant by plant">
      <PartHeading within>Plant by plant</PartHeading>
      <ul>
        {alike.map(({ plants }) => (
          <li key={plants[0]!.id} className="border-t border-base-300 py-1">
            <span className="flex flex-wrap gap-x-2">
              {plants.map(({ id, label }) => (
                <Link
                  key={id}
                  className="inline-flex min-h-11 min-w-8 items-center link"
                  href={`/plants/${id}`}
                >
                  {label}
                </Link>
              ))}
            </span>
            <span className="text-quiet">
              {plants[0]!.each}
              {plants.length > 1 && ' each'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
