'use client'

import { Link } from '../../components/link'
import { PartHeading } from '../../components/advice/why'
import { massAnHour } from '../../core/harvest'
import { DECISION_NAMES } from '../../wording/harvest'
import { capital } from '../../wording/names'
import { sayCount, sayHours, sayMass } from '../../wording/say'
import { sayCost, sayPerMass } from '../../wording/supplies'
import { ArchivePart } from './archive-part'
import type { ReviewView } from './review-queries'
import { CultivarsTable, PlantingsTable } from './shown-later'

/** A season as it came out, beside the one before; what went with which decision; what is grown again. */
export function ReviewScreen({ view }: { view: ReviewView }) {
  const { season, seasons, lines, all, before, cultivars, decisions, manner, on, now } = view
  const query = (year: number) => `/basket/review?season=${year}${on === now ? '' : `&on=${on}`}`
  if (lines.length === 0)
    return (
      <p className="p-6">
        You have not planted anything out yet. Once you have, this shows what each season gave, per plant and
        per square meter, beside the year before.
      </p>
    )
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div>
        <nav aria-label="Seasons" className="join">
          {seasons.map((year) => (
            <Link
              key={year}
              href={query(year)}
              aria-current={year === season ? 'page' : undefined}
              className={`btn join-item min-h-11 ${year === season ? 'btn-active font-semibold' : 'bg-base-100'}`}
            >
              {year}
            </Link>
          ))}
        </nav>
        <h1 className="mt-3 text-3xl font-semibold">
          {season}: {sayMass(all.mass, manner)} from {sayCount(all.plants, 'plant')}
        </h1>
        <p className="mt-1 text-lg text-quiet">
          {sayMass(all.aPlant, manner)} per plant
          {before &&
            `; the year before it was ${sayMass(before.mass, manner)} from ${before.plants}, ${sayMass(before.aPlant, manner)} per plant`}
          .
        </p>
        {all.mass > 0 && (
          <p className="text-lg text-quiet">
            About {sayHours(view.hours, manner)} of work, {sayMass(massAnHour(all.mass, view.hours), manner)}{' '}
            an hour; supports and feeds {sayCost(view.cost, manner)}
            {!view.cost.open && `, ${sayPerMass(view.cost.cost / all.mass, manner)}`}.
          </p>
        )}
      </div>
      <section aria-label="Plantings">
        <PartHeading>Planting by planting</PartHeading>
        <PlantingsTable view={view} />
      </section>
      {cultivars.length > 0 && (
        <section aria-label="Cultivars">
          <PartHeading>Cultivar by cultivar, over the years</PartHeading>
          <CultivarsTable view={view} />
        </section>
      )}
      <section aria-label="Decisions">
        <PartHeading>Results by decision, over all years</PartHeading>
        {decisions.length === 0 ? (
          <p>So far you grew everything one way, so there is nothing to compare.</p>
        ) : (
          decisions.map(({ crop, decision, ways, enough }) => (
            <div key={crop + decision} className="mb-4">
              <h3 className="font-semibold">
                {DECISION_NAMES[decision] ?? capital(decision)}, {crop === 'tomato' ? 'tomatoes' : 'peppers'}
              </h3>
              <ul>
                {ways.map(({ way, sum }) => (
                  <li key={way} className="border-t border-base-300 py-1">
                    {way}: {sayMass(sum.aPlant, manner)} per plant, {sayCount(sum.plants, 'plant')} in{' '}
                    {sayCount(sum.plantings, 'planting')}
                  </li>
                ))}
              </ul>
              <p className="text-sm text-quiet">
                {enough
                  ? 'A link is not always a cause: cultivar and weather differ too.'
                  : 'There are too few plantings to be sure. Read it as a hint, not as a result.'}
              </p>
            </div>
          ))
        )}
      </section>
      <ArchivePart view={view} />
    </div>
  )
}
