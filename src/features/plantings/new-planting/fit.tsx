import type { ReactNode } from 'react'
import type { Cultivar, Training } from '../../../core/crop'
import type { Choices } from './choices'
import { fitOf } from './fit.model'
import type { PlantingValues, SpotValues } from './values'

/** How many fit, said while one chooses; what does not fit can be planted anyway, and what that costs. */
export function Fit({
  values,
  spot,
  plant,
  trainings,
  choices,
  anyway,
}: {
  values: PlantingValues
  spot: SpotValues
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>
  trainings: readonly Training[]
  choices: Choices
  /** The box that is ticked to plant them anyway. */
  anyway: (label: string) => ReactNode
}) {
  const fit = fitOf(values, spot, plant, trainings, choices)
  if (!fit) return null
  // What grows there already need not be told that it does not fit.
  const isThere = values.begins === 'growing'
  return (
    <div className="mt-1" aria-live="polite">
      <p>
        <strong>{fit.answer}</strong>
        {fit.how}
        {fit.isTooFew && !isThere && <span className="text-cut"> That is fewer than you want.</span>}
      </p>
      {fit.anyway && (
        <div className="mt-2 border-l-4 border-feed bg-base-200 px-4 py-2">
          {isThere ? (
            <p className="font-semibold">They are about {fit.anyway.apart} apart.</p>
          ) : (
            anyway(`Plant them anyway, ${fit.anyway.apart} apart`)
          )}
          <ul className="list-disc pl-6 text-sm">
            {fit.anyway.costs.map((cost) => (
              <li key={cost}>{cost}</li>
            ))}
          </ul>
        </div>
      )}
      {fit.against.map(({ about, text }) => (
        <p key={about} className="mt-2 border-l-4 border-cut bg-base-200 px-4 py-2">
          <strong>{about}:</strong> {text}
        </p>
      ))}
    </div>
  )
}
