import { useEffect, useRef, useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { addDays, type IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import type { LedSeason, LedVisit } from '../../../core/led-season'
import { formatDate } from '../../../wording/dates'
import { sayInstead, sayLedEnd, sayLedTold, sayLedWhy } from '../../../wording/led-season'
import { sayHours, sayMass, sayVolume } from '../../../wording/say'
import { advisedRun, type LedRun } from './led-run'

/** What came of a season, against Prairie's own hand in the same weather. */
export function EndPart({
  run,
  start,
  manner,
  onAgain,
  onOther,
  onLength,
}: {
  run: LedRun
  start: IsoDate
  manner: Manner
  onAgain: () => void
  onOther: () => void
  onLength: () => void
}) {
  const { season, visit, last } = run
  const other = useAdvised(season)
  const heading = useRef<HTMLHeadingElement>(null)
  const isThere = other !== null
  useEffect(() => {
    if (isThere) heading.current?.focus()
  }, [isThere])
  if (other === null) return <p role="status">Prairie leads its own plant through the same weather.</p>
  const why = sayLedWhy(visit, other, manner)
  const rows: { name: string; of: (one: LedVisit) => string }[] = [
    { name: 'Picked', of: ({ picked }) => sayMass(picked, manner) },
    { name: 'First ripe fruit', of: ({ sight }) => dateOf(start, sight.season.firstRipe, manner) },
    { name: 'Split or rotted unpicked', of: ({ spoiled }) => sayMass(spoiled, manner) },
    {
      name: 'Lost otherwise',
      of: ({ sight }) =>
        sayMass(
          Object.values(sight.season.lost).reduce((sum, kg) => sum + kg, 0),
          manner,
        ),
    },
    { name: 'Water given', of: ({ sight }) => sayVolume(sight.season.litres, manner) },
    { name: 'Stood until', of: ({ sight }) => dateOf(start, sight.season.end, manner) },
    { name: 'Work', of: ({ sight }) => sayHours(sight.season.minutes / 60, manner) },
  ]
  return (
    <>
      <h1 ref={heading} tabIndex={-1} className="text-3xl font-semibold outline-none">
        {sayLedEnd(visit.picked, other.picked, manner)}
      </h1>
      <div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <section aria-label="Side by side">
          <PartHeading>Side by side</PartHeading>
          <table className="w-full max-w-xl tabular-nums">
            <thead>
              <tr className="text-quiet">
                <td />
                <th scope="col" className="py-1 text-right font-normal">
                  You
                </th>
                <th scope="col" className="py-1 text-right font-normal">
                  Prairie
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ name, of }) => (
                <tr key={name} className="border-t border-base-300">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    {name}
                  </th>
                  <td className="py-1.5 text-right font-semibold">{of(visit)}</td>
                  <td className="py-1.5 text-right">{of(other)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section aria-label="What made the difference">
          <PartHeading>What made the difference</PartHeading>
          <ul>
            {why.length === 0 && <li>Nothing stands out: both hands did about the same.</li>}
            {why.map((said) => (
              <li key={said} className="border-t border-base-300 py-1.5">
                {said}
              </li>
            ))}
          </ul>
          {last && (
            <>
              <PartHeading>How the last visit went</PartHeading>
              <ul>
                {last.told.map((told) => (
                  <li key={told.rule} className="border-t border-base-300 py-1.5">
                    {sayLedTold(told, manner)}
                  </li>
                ))}
              </ul>
              <p className="mt-1 text-quiet">{sayInstead(last.acts, last.advised)}</p>
            </>
          )}
        </section>
      </div>
      <div className="mt-5 flex flex-wrap gap-2">
        <button type="button" className="btn min-h-11 btn-primary" onClick={onAgain}>
          The same weather again
        </button>
        <button type="button" className="btn min-h-11" onClick={onOther}>
          Another season
        </button>
        <button type="button" className="btn min-h-11" onClick={onLength}>
          Another length
        </button>
      </div>
    </>
  )
}

const dateOf = (start: IsoDate, day: number | null, manner: Manner): string =>
  day === null ? 'never' : formatDate(addDays(start, day), manner)

/** Prairie's own season, a visit a turn, so that the page stays awake; null: not yet. */
function useAdvised(season: LedSeason): LedVisit | null {
  const [end, setEnd] = useState<LedVisit | null>(null)
  useEffect(() => {
    const steps = advisedRun(season)
    let next = setTimeout(function step() {
      const { done, value } = steps.next()
      if (done) setEnd(value)
      else next = setTimeout(step)
    })
    return () => clearTimeout(next)
  }, [season])
  return end
}
