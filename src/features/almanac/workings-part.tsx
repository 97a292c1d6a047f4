import { Link } from '../../components/link'
import { WORKINGS } from '../../wording/workings/workings'
import { WORKING_NAMES, type WorkingId } from '../../wording/workings/names'
import type { Worked } from './values'

/** Each number: what it asks, its formula, its source, and what it gives in this garden now. */
export function WorkingsPart({
  workings,
  worked,
}: {
  workings: readonly WorkingId[]
  worked: Partial<Record<string, Worked>>
}) {
  return workings.map((id) => {
    const { asks, formula, source, screen } = WORKINGS[id]
    const now = worked[id]
    return (
      <section
        key={id}
        id={id}
        aria-labelledby={`${id}-name`}
        className="grid scroll-mt-32 gap-x-8 gap-y-2 border-t-2 border-base-300 pt-3 target:border-leaf lg:grid-cols-[3fr_2fr]"
      >
        <div className="min-w-0">
          <h2 id={`${id}-name`} className="text-xl font-semibold">
            {WORKING_NAMES[id]}
          </h2>
          <p className="text-quiet">{asks}</p>
          <ul className="mt-2 space-y-1">
            {formula.map((line) => (
              <li key={line} className="border-l-4 border-base-300 pl-3 leading-snug tabular-nums">
                {line}
              </li>
            ))}
          </ul>
          <p className="mt-2 text-sm text-quiet">{source}</p>
        </div>
        <div className="min-w-0">
          {now && (
            <div className="bg-base-200 px-3 py-2">
              <p className="text-sm text-quiet">Now{now.of && `, ${now.of}`}</p>
              {now.lines.map((line) => (
                <p key={line} className="leading-snug tabular-nums">
                  {line}
                </p>
              ))}
            </div>
          )}
          {screen && (
            <p className="mt-1">
              <Link className="link" href={screen.path}>
                Shown in {screen.name}
              </Link>
            </p>
          )}
        </div>
      </section>
    )
  })
}
