import { PartHeading } from '../../../components/advice/why'
import type { Crop } from '../../../core/crop'
import { FRESH_A_WEEK } from '../../../core/harvest'
import type { HowManyView } from './plan-queries'

/** What the plan of this season will give, by cultivar and in all. */
export function PlanGives({
  plan,
  mass,
  people,
}: {
  plan: HowManyView['plan']
  mass: (kg: number) => string
  people: number | null
}) {
  const lines = [...new Set(plan.map(({ cultivarId }) => cultivarId))].map((id) => {
    const own = plan.filter(({ cultivarId }) => cultivarId === id)
    return {
      ...own[0]!,
      plants: own.reduce((sum, { plants }) => sum + plants, 0),
      kg: own.reduce((sum, { kg }) => sum + kg, 0),
    }
  })
  const total = (crop: Crop) =>
    lines.filter((line) => line.crop === crop).reduce((sum, { kg }) => sum + kg, 0)
  return (
    <section aria-label="What this plan will give" className="mt-8">
      <PartHeading>What this plan will give</PartHeading>
      {lines.length === 0 ? (
        <p className="text-quiet">You have planned nothing for this season yet.</p>
      ) : (
        <>
          <p className="text-lg">
            {(['tomato', 'pepper'] as const)
              .filter((crop) => total(crop) > 0)
              .map(
                (crop) =>
                  `${mass(total(crop))} of ${crop === 'tomato' ? 'tomatoes' : 'peppers'}${people ? `, enough for ${people} for ${Math.floor(total(crop) / (people * FRESH_A_WEEK[crop]))} weeks` : ''}`,
              )
              .join('; ')}
            .
          </p>
          <ul className="mt-2 columns-2 max-sm:columns-1">
            {lines.map(({ cultivarId, name, plants, kg }) => (
              <li key={cultivarId}>
                {plants} {name}: {mass(kg)}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
