import { Link } from '../../../components/link'
import { PartHeading } from '../../../components/advice/why'
import type { Manner } from '../../../core/facts'
import { GroundImport } from '../files/import'
import { GroundTabs } from '../tabs'

/** Ground on paper and as files, and taken in from files. */
export function PapersScreen({
  query,
  manner,
  site,
  live,
}: {
  query: string
  manner: Manner
  site: { latitude: number; longitude: number }
  live: boolean
}) {
  const at = (path: string) => path + query
  return (
    <div className="mx-auto max-w-5xl px-6 py-5 max-sm:px-4">
      <GroundTabs at="papers" query={query} />
      <h1 className="mt-3 text-3xl font-semibold">Take the plan into the garden</h1>
      <p className="mt-1 text-lg text-quiet">
        Print it to scale, print a label for every plant, or save it as a file.
      </p>
      <div className="mt-5 grid gap-8 lg:grid-cols-2">
        <section aria-label="To print" className="space-y-2">
          <PartHeading>To print, black on white</PartHeading>
          <div className="flex flex-wrap gap-2">
            <Link href={at('/ground/papers/plan')} className="btn btn-primary min-h-11">
              The plan, to scale
            </Link>
            <Link href={at('/ground/papers/labels')} className="btn min-h-11 bg-base-100">
              Plant labels
            </Link>
          </div>
        </section>
        <section aria-label="As files" className="space-y-2">
          <PartHeading>As files</PartHeading>
          <ul className="space-y-1">
            {[
              { href: '/ground.svg', name: 'Drawing, SVG', words: 'to scale, in millimeters' },
              {
                href: '/ground.geojson',
                name: 'Places, GeoJSON',
                words:
                  'with map coordinates, and in meters from the garden’s corner. You can import it again below',
              },
              {
                href: '/positions.csv',
                name: 'Positions of plants, CSV',
                words: 'in meters, within the place and the garden',
              },
            ].map(({ href, name, words }) => (
              <li key={href}>
                <a href={href} className="link" download>
                  {name}
                </a>{' '}
                <span className="text-quiet">{words}</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
      {live && <GroundImport site={site} manner={manner} />}
    </div>
  )
}
