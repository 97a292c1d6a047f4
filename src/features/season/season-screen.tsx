import { Link } from '../../components/link'
import type { ReactNode } from 'react'
import { FirstSeason } from '../../components/drawing/first-season'
import { Tabs } from '../../components/tabs'
import { SeasonBoard } from './season-board'
import type { SeasonView } from './queries'
import { WantedPart } from './wanted-part'

/** The whole season: what to do now, what may go wrong, and every planting on one axis. */
export function SeasonScreen({ view, query }: { view: SeasonView; query: string }) {
  const { next, risks, warnings, plantings, season, seasons } = view
  // What is grown now can be grown again, as long as nothing is planned for the season after.
  const isLast =
    plantings.length > 0 && seasons.some(({ number, plantings }) => number === season + 1 && plantings === 0)
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div className="min-w-0">
          <h1 className="text-3xl font-semibold">{view.answer}</h1>
          <p className="mt-1 text-lg text-quiet">{view.deciding}</p>
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <Tabs
            label="Seasons"
            tabs={seasons.map(({ number }) => ({
              name: String(number),
              href: addressOf(number, query),
              here: number === season,
            }))}
          />
          <Link href={`/plantings/new?season=${season}`} className="btn min-h-11 bg-base-100">
            New planting
          </Link>
          {isLast && (
            <Link href={`/season/next${query}`} className="btn min-h-11 bg-base-100">
              Plan {season + 1} like {season}
            </Link>
          )}
        </div>
      </div>
      {plantings.length === 0 ? (
        <Nothing view={view} query={query} />
      ) : (
        <>
          <div className="mt-5 grid gap-x-8 gap-y-5 lg:grid-cols-[1.2fr_1fr_1.2fr]">
            <Part title="Dates this week and next">
              {next.length === 0 ? (
                <p className="text-quiet">Nothing is due in these two weeks.</p>
              ) : (
                <ul>
                  {next.map(({ text, when, isLate, where }) => (
                    <li
                      key={text + when}
                      className="grid grid-cols-[4.5rem_1fr] gap-2 border-t border-base-300 py-1 leading-snug"
                    >
                      <span className={isLate ? 'font-semibold text-cut' : 'text-quiet'}>{when}</span>
                      <span>
                        <strong>{text}</strong> <span className="text-quiet">{where}</span>
                      </span>
                    </li>
                  ))}
                </ul>
              )}
            </Part>
            <Part title="Riskiest dates">
              {risks.length === 0 ? (
                <p className="text-quiet">No date ahead is likely to go wrong.</p>
              ) : (
                <ol>
                  {risks.map(({ text, odds, href }) => (
                    <li key={text} className="border-t border-base-300">
                      <Link
                        href={href + query}
                        className="grid grid-cols-[6.5rem_1fr] gap-2 py-1 leading-snug hover:bg-base-200"
                      >
                        <span className="font-semibold">{odds}</span>
                        <span>{text}</span>
                      </Link>
                    </li>
                  ))}
                </ol>
              )}
            </Part>
            <Part title="Ahead">
              {warnings.length === 0 ? (
                <p className="text-quiet">No frost ahead, no flowers at risk, and everything should ripen.</p>
              ) : (
                <ul>
                  {warnings.map(({ text, who }) => (
                    <li key={text} className="border-t border-base-300 py-1 leading-snug">
                      {text} <span className="text-quiet">{who}</span>
                    </li>
                  ))}
                </ul>
              )}
            </Part>
          </div>
          <SeasonBoard key={`${view.kit.today} ${season}`} view={view} query={query} />
          <p className="mt-3 max-w-prose text-sm text-quiet">{view.basis}</p>
        </>
      )}
      <WantedPart key={season} view={view} live={query === ''} />
    </div>
  )
}

/** The Season screen of a season, on the day that is looked at. */
const addressOf = (season: number, query: string) =>
  `/season${query === '' ? '?' : `${query}&`}season=${season}`

/** A season without plantings: where the first comes from. */
function Nothing({ view, query }: { view: SeasonView; query: string }) {
  const { season, seasons, first, manner } = view
  const before = seasons.find(({ number, plantings }) => number === season - 1 && plantings > 0)
  return (
    <div className="mt-5 max-w-4xl text-lg">
      {first && <FirstSeason dates={first} manner={manner} />}
      <p className="max-w-prose">
        Plan a planting, and its whole season shows here: when to sow, plant out and pick, and how likely each
        date is.
      </p>
      {before && (
        <p className="mt-4">
          <Link href={`/season/next${query}`} className="btn btn-primary min-h-11">
            Plan {season} like {before.number}
          </Link>
        </p>
      )}
    </div>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className="mb-1.5 text-lg font-semibold">{title}</h2>
      {children}
    </section>
  )
}
