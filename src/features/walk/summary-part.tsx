import { PartHeading } from '../../components/advice/why'
import type { Summary } from './types'

/** What the round came to: done, put off, skipped, noted, and what is left. */
export function SummaryPart({ summary }: { summary: Summary }) {
  const { done, putOff, declined, notes, took, left } = summary
  const parts = [
    { name: 'Done', lines: done },
    { name: 'Later', lines: putOff },
    { name: 'Skipped', lines: declined },
    { name: 'Notes', lines: notes },
  ].filter(({ lines }) => lines.length > 0)
  return (
    <article aria-label="The round so far" className="mt-2">
      <h2 className="text-2xl leading-tight font-bold">{left === null ? 'Round done' : `Left: ${left}`}</h2>
      <p className="mt-1 text-lg text-quiet">
        {parts.length === 0
          ? 'You have not recorded anything for this day yet.'
          : took === null
            ? 'Minutes you enter at a stop are added up here.'
            : `Time taken: ${took}.`}
      </p>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        {parts.map(({ name, lines }) => (
          <section key={name} aria-label={name}>
            <PartHeading within>{name}</PartHeading>
            <ul>
              {lines.map((line, index) => (
                <li key={index} className="border-t border-base-300 py-1.5 break-words">
                  {line}
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </article>
  )
}
