import { useOptimistic } from 'react'
import { useChange } from '../../components/act/use-change'
import { PartHeading } from '../../components/advice/why'
import { HOUSE_WAYS } from '../../wording/house-ways'
import { choose } from './actions'
import type { Effect } from './effects'

/** The decisions in which the house has a way of its own: the case and cost of each, and what it comes to here. */
export function WaysPart({
  decisions,
  chosen,
  effects,
}: {
  decisions: readonly string[]
  chosen: Record<string, string>
  effects: Partial<Record<string, Effect>>
}) {
  const { change } = useChange()
  // Shown at once; put back if it is not kept.
  const [own, setOwn] = useOptimistic(chosen)
  const take = (decision: string, school: string, said: string) =>
    void change({
      send: () => choose(decision, school),
      said,
      atOnce: () => setOwn({ ...chosen, [decision]: school }),
    })
  return decisions.map((decision) => {
    const { name, changes, ways } = HOUSE_WAYS[decision]!
    const effect = effects[decision]
    return (
      <section key={decision} aria-label={name}>
        <PartHeading>{name}</PartHeading>
        <fieldset>
          <legend className="text-sm text-quiet">
            Changes: {changes}
            {effect && ` On the right, what each gives for ${effect.on}.`}
          </legend>
          {Object.entries(ways).map(([way, { name: said, gains, costs }]) => (
            <label
              key={way}
              className="grid min-h-11 cursor-pointer grid-cols-[auto_1fr] items-start gap-3 border-t border-base-300 py-2 lg:grid-cols-[auto_1fr_16rem]"
            >
              <input
                type="radio"
                name={decision}
                className="radio mt-0.5 border-base-content/50"
                checked={own[decision] === way}
                onChange={() => take(decision, way, `${name}: ${said.toLowerCase()}.`)}
              />
              <span>
                <strong>{said}</strong>. {gains} <span className="text-quiet">Drawback: {costs}</span>
              </span>
              {effect?.ways[way] && (
                <span
                  className={`tabular-nums max-lg:col-start-2 ${own[decision] === way ? 'font-semibold text-leaf' : ''}`}
                >
                  {effect.ways[way]}
                </span>
              )}
            </label>
          ))}
        </fieldset>
      </section>
    )
  })
}
