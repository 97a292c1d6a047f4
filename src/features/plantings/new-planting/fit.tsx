import type { Cultivar, Training } from '../../../core/crop'
import type { Choices } from '../queries'
import { fitOf } from './fit.model'
import type { PlantingValues } from './values'

/** How many fit, said while one chooses. */
export function Fit({
  values,
  plant,
  trainings,
  choices,
}: {
  values: PlantingValues
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>
  trainings: readonly Training[]
  choices: Choices
}) {
  const fit = fitOf(values, plant, trainings, choices)
  if (!fit) return null
  return (
    <p className="mt-3 text-lg" aria-live="polite">
      <strong>{fit.answer}</strong>
      {fit.how}
      {fit.isTooFew && <span className="text-cut"> That is fewer than you want.</span>}
    </p>
  )
}
