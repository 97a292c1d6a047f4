import { Link } from '../../../components/link'
import { PartHeading, Why, WorkedOut } from '../../../components/advice/why'
import { PlacePlan } from '../../../components/drawing/place-plan'
import type { PlantingView } from '../queries'
import { Made } from './made'
import { Cover, Hardening, Needs, Time, Ways } from './season-sections'
import { SoilReadingForm } from '../../../components/forms/soil-reading-form'

/** One planting: what is next, its dates and why, where it stands, what happened. */
export function PlantingScreen({ view, made }: { view: PlantingView; made: number }) {
  const at = (path: string) => (view.on === view.now ? path : `${path}?on=${view.on}`)
  return (
    <div className="mx-auto max-w-6xl px-6 py-5 max-sm:px-4">
      {made > 0 && <Made view={view} made={made} />}
      <p className="text-quiet">
        {view.title} · {view.subtitle}
      </p>
      <h1 className="mt-1 text-3xl font-semibold">{view.answer}</h1>
      {view.deciding && <p className="mt-2 text-lg text-quiet">{view.deciding}</p>}
      <p className="mt-3 flex flex-wrap gap-2">
        {view.canSetOut && (
          <Link href={at(`/plantings/${view.id}/set-out`)} className="btn min-h-11 bg-base-100">
            Planting day
          </Link>
        )}
        <Link href={at(`/plantings/${view.id}/support`)} className="btn min-h-11 bg-base-100">
          Support
        </Link>
      </p>
      <div className="mt-6 grid gap-8 lg:grid-cols-2">
        <div className="min-w-0 space-y-6">
          <section aria-label="Dates">
            <PartHeading>This season’s dates</PartHeading>
            <div className="table-room">
              <table className="cards w-full border-collapse">
                <thead className="text-left text-sm text-quiet">
                  <tr>
                    <th scope="col" className="py-1 font-normal">
                      stage
                    </th>
                    <th scope="col" className="font-normal">
                      date
                    </th>
                    <th scope="col" className="font-normal">
                      8 years in 10
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {view.stages.map(({ stage, name, date, how, spread, share, why }) => (
                    <tr key={stage} data-stage={stage} className="border-t border-base-300 align-top">
                      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                        {name}
                        {why && <span className="block text-sm leading-snug text-quiet">{why}</span>}
                      </th>
                      <td className="py-1.5 pr-3 whitespace-nowrap">
                        <span className="font-semibold">{date}</span>{' '}
                        <span className="text-sm text-quiet">{how}</span>
                      </td>
                      <td data-label="8 years in 10" className="py-1.5 text-sm whitespace-nowrap text-quiet">
                        {spread}
                        {share && <span className="block">{share}</span>}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            <WorkedOut workings={['sowing', 'window', 'growth', 'ripe', 'topping', 'frost']} />
          </section>
          {view.season.cover && <Cover cover={view.season.cover} />}
          <Hardening hardening={view.season.hardening} />
          {view.season.needs && <Needs needs={{ ...view.season.needs, odds: view.seeds }} />}
          <section>
            <PartHeading>{view.place.name}: soil</PartHeading>
            <p>
              About <strong data-testid="soil-now">{view.soil.now}</strong> at root depth today.
            </p>
            {view.soil.readings.length > 0 && (
              <ul className="mt-1 list-disc pl-5 text-quiet">
                {view.soil.readings.map((reading) => (
                  <li key={reading}>{reading}</li>
                ))}
              </ul>
            )}
            {view.on <= view.now && (
              <SoilReadingForm
                places={[view.place]}
                depth={view.soil.depth}
                on={view.on}
                now={view.now}
                manner={view.manner}
              />
            )}
          </section>
        </div>
        <div className="min-w-0 space-y-6">
          {view.season.time.length > 0 && <Time time={view.season.time} />}
          {view.season.ways.length > 0 && (
            <Ways id={view.id} ways={view.season.ways} canChoose={view.on === view.now} />
          )}
          {view.season.succession && (
            <section aria-label="What comes next">
              <PartHeading>What comes next</PartHeading>
              <p>{view.season.succession}</p>
            </section>
          )}
          {view.season.shortSeasons && (
            <section aria-label="Two short seasons">
              <PartHeading>Two short seasons</PartHeading>
              <p>{view.season.shortSeasons}</p>
            </section>
          )}
          <PlacePlan place={view.place} plants={view.plants} manner={view.manner} />
          {view.plants.some(({ own }) => own) && (
            <nav aria-label="Each plant" className="mt-2 flex flex-wrap items-center gap-1">
              <span className="mr-1 text-quiet">Plant by plant:</span>
              {view.plants
                .filter(({ own }) => own)
                .map(({ id, label }) => (
                  <Link key={id} href={at(`/plants/${id}`)} className="btn min-h-11 min-w-11 bg-base-100">
                    {label}
                  </Link>
                ))}
            </nav>
          )}
          <section>
            <p className="mb-1 text-lg font-semibold">{view.spacing.answer}</p>
            <Why reasons={view.spacing.reasons} heading="Why this spacing" />
            <h3 className="mt-4 mb-1.5 text-base font-semibold">Another way</h3>
            <ul className="space-y-1">
              {view.spacing.schools.map(({ name, inRow, effect }) => (
                <li key={name}>
                  <strong>
                    {name}, {inRow}
                  </strong>
                  : {effect}
                </li>
              ))}
            </ul>
          </section>
          <section>
            <PartHeading>What you recorded</PartHeading>
            {view.log.length === 0 ? (
              <p className="text-quiet">Nothing is recorded yet.</p>
            ) : (
              <ul className="space-y-1" aria-label="What you recorded">
                {view.log.map(({ id, date, text }) => (
                  <li key={id} className="grid grid-cols-[8rem_1fr] gap-2">
                    <span className="text-quiet">{date}</span>
                    <span className="min-w-0 break-words">{text}</span>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
      </div>
    </div>
  )
}
