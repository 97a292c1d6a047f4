import type { ReactNode } from 'react'
import type { Cultivar, Training } from '../../../core/crop'
import type { Choices } from '../queries'
import { fitOf } from './fit.model'
import type { PlantingValues } from './values'

/** How many fit, said while one chooses; what does not fit can be planted anyway, and what that costs. */
export function Fit({
  values,
  plant,
  trainings,
  choices,
  anyway,
}: {
  values: PlantingValues
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>
  trainings: readonly Training[]
  choices: Choices
  /** The box that is ticked to plant them anyway. */
  anyway: (label: string) => ReactNode
}) {
  const fit = fitOf(values, plant, trainings, choices)
  if (!fit) return null
  return (
    <div className="mt-3" aria-live="polite">
      <p className="text-lg">
        <strong>{fit.answer}</strong>
        {fit.how}
        {fit.isTooFew && <span className="text-cut"> That is fewer than you want.</span>}
      </p>
      {fit.anyway && (
        <div className="mt-2 border-l-4 border-feed bg-base-200 px-4 py-2">
          {anyway(`Plant them anyway, ${fit.anyway.apart} apart`)}
          <ul className="list-disc pl-6 text-sm">
            {fit.anyway.costs.map((cost) => (
              <li key={cost}>{cost}</li>
            ))}
          </ul>
        </div>
      )}
      {fit.rotation && (
        <p className="mt-2 border-l-4 border-cut bg-base-200 px-4 py-2">
          <strong>Rotation:</strong> {fit.rotation}
        </p>
      )}
    </div>
  )
}
