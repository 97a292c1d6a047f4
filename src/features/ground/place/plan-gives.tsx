import { PartHeading } from '../../../components/advice/why'
import type { Crop } from '../../../core/crop'
import type { GardenCultivar } from '../../../core/facts'
import { firstYield, FRESH_A_WEEK } from '../../../core/harvest'
import type { HowManyView } from './plan-queries'

/** What the plan of this season will give, by cultivar and in all. */
export function PlanGives({
  plan,
  cultivars,
  mass,
  people,
}: {
  plan: HowManyView['plan']
  cultivars: readonly GardenCultivar[]
  mass: (kg: number) => string
  people: number | null
}) {
  const lines = cultivars.flatMap((cultivar) => {
    const own = plan.filter(({ cultivarId }) => cultivarId === cultivar.id)
    const plants = own.reduce((sum, { plants: count }) => sum + count, 0)
    const kg = own.reduce(
      (sum, { plants: count, training }) => sum + count * firstYield(cultivar, training),
      0,
    )
    return plants === 0 ? [] : [{ cultivar, plants, kg }]
  })
  const total = (crop: Crop) =>
    lines.filter(({ cultivar }) => cultivar.crop === crop).reduce((sum, { kg }) => sum + kg, 0)
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
            {lines.map(({ cultivar, plants, kg }) => (
              <li key={cultivar.id}>
                {plants} {cultivar.name}: {mass(kg)}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
