'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { ChartFrame } from '../../components/chart-frame'
import { addDays } from '../../core/calendar'
import type { TrialResult } from '../../core/trial'
import { formatDate } from '../../wording/dates'
import { capital } from '../../wording/names'
import { sayNumber } from '../../wording/say'
import { saySplit, sayVerdict } from '../../wording/trials'
import { CausesPart } from './causes-part'
import { WeeksChart } from './shown-later'
import { Apart, SeasonDots, type DotsOfWay } from './trial-charts'
import { massUnit, spreadOf, WAY_COLOURS } from './chart-values'
import type { TrialsView } from './queries'
import { WaysTable } from './ways-table'

type Trial = NonNullable<TrialsView['trial']>

/** What a trial says so far: one line that answers, then the seasons, what made the difference, and what each way takes. */
export function Outcome({ view, trial, result }: { view: TrialsView; trial: Trial; result: TrialResult }) {
  const { manner } = view
  const { measure, ways, start } = trial
  const names = Object.fromEntries(ways.map(({ id, name }) => [id, name]))
  const verdict = sayVerdict(result, names, { measure, manner })
  const others = result.paired.map(({ id }) => id)
  const [chosen, setChosen] = useState<string | null>(null)
  const shown = chosen ?? (verdict.best !== null && verdict.best !== 'now' ? verdict.best : others[0]!)
  const one = result.paired.find(({ id }) => id === shown) ?? result.paired[0]!
  const split = saySplit(one, manner)
  const unit = massUnit(manner, measure)
  const dots: DotsOfWay[] = result.ways.map((way, at) => ({
    name: capital(names[way.id]!),
    colour: WAY_COLOURS[at]!,
    values: way.measured.map((kg) => kg * unit.scale),
    ...spreadOf(way.measured.map((kg) => kg * unit.scale)),
  }))
  const weeks = weeksShown(result, start, unit.plant)
  return (
    <>
      <h1 className="mt-1 text-3xl font-semibold" aria-live="polite">
        {verdict.headline}
      </h1>
      <p className="mt-1 max-w-[70ch] text-lg">
        {verdict.detail} {split}
      </p>
      <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
        <div className="min-w-0">
          <SeasonDots ways={dots} unit={unit.name} manner={manner} />
          <PartHeading>Ripe fruit by week</PartHeading>
          {/* A chart takes longer to draw than seasons to grow: it is drawn once. */}
          {result.done < result.of ? (
            <p className="h-56 text-quiet">Drawn when all seasons have grown.</p>
          ) : (
            <ChartFrame
              name="Ripe fruit by week"
              says={`The line is the middle season, ${unit.plantName}; the shade holds 8 seasons in 10.`}
              along={{ name: 'Week of', steps: weeks.map(({ day }) => formatDate(day, manner)) }}
              series={result.ways.map(({ id }, at) => ({
                name: capital(names[id]!),
                mark: at === 0 ? 'dashed' : 'line',
                color: WAY_COLOURS[at]!,
                values: weeks.map(({ ways }) => ways[at]!.middle),
              }))}
              manner={manner}
            >
              <WeeksChart
                weeks={weeks.map(({ day, ways }) => ({ name: formatDate(day, manner), ways }))}
                names={result.ways.map(({ id }) => capital(names[id]!))}
                unit={unit.plantMass}
              />
            </ChartFrame>
          )}
        </div>
        <div className="min-w-0">
          {others.length > 1 && (
            <div
              role="group"
              aria-label="Which way against the present one"
              className="mb-2 flex flex-wrap gap-1 print:hidden"
            >
              {others.map((id) => (
                <button
                  key={id}
                  type="button"
                  aria-pressed={id === one.id}
                  className={`btn min-h-11 ${id === one.id ? 'border-leaf bg-base-200' : 'bg-base-100'}`}
                  onClick={() => setChosen(id)}
                >
                  {capital(names[id]!)}
                </button>
              ))}
            </div>
          )}
          <PartHeading>Season by season, the same weather</PartHeading>
          <Apart
            differences={result.ways
              .find(({ id }) => id === one.id)!
              .measured.map((kg, season) => (kg - result.ways[0]!.measured[season]!) * unit.scale)}
            name={capital(names[one.id]!)}
            now={capital(names[ways[0]!.id]!)}
            says={`${capital(names[one.id]!)} is better in ${sayNumber(Math.round(one.better * result.done), manner, 0)} of ${result.done} seasons.`}
            unit={unit.name}
            manner={manner}
          />
          <CausesPart one={one} measure={measure} manner={manner} name={names[one.id]!} />
        </div>
      </div>
      <WaysTable trial={trial} result={result} names={names} manner={manner} />
    </>
  )
}

/** Weeks in which any way ripens anything in a season of ten. */
function weeksShown(result: TrialResult, start: TrialsView['on'], scale: number) {
  const ripens = result.ways[0]!.weeks.map((_, week) =>
    result.ways.some(({ weeks }) => weeks[week]!.high > 0.005),
  )
  const from = Math.max(0, ripens.indexOf(true) - 1)
  const to = Math.min(ripens.length - 1, ripens.lastIndexOf(true) + 1)
  if (to < from) return []
  return ripens.slice(from, to + 1).map((_, index) => ({
    day: addDays(start, (from + index) * 7),
    ways: result.ways.map(({ weeks }) => {
      const { low, middle, high } = weeks[from + index]!
      return { low: low * scale, middle: middle * scale, high: high * scale }
    }),
  }))
}
