import { PlantSection } from '../../components/drawing/plant-section'

/** What the answers will look like, on a plant made up for it. */
export function Drawing() {
  const plant = {
    crop: 'tomato' as const,
    stemHeight: 0.32,
    leafHeights: [0.03, 0.07, 0.11, 0.15, 0.19, 0.23, 0.26, 0.29],
    rootBallDepth: 0.09,
    rootBallWidth: 0.08,
  }
  const temperatures = [
    { depth: 0.05, temperature: 22 },
    { depth: 0.15, temperature: 20 },
    { depth: 0.32, temperature: 15 },
  ]
  return (
    <figure className="self-start max-lg:hidden">
      <PlantSection
        plant={plant}
        soil={{ soilDepth: 0.3, temperatures, warmLimit: 16 }}
        answer={{
          method: 'upright',
          stemBuried: 0.14,
          holeDepth: 0.23,
          trenchLength: null,
          leavesToStrip: [0, 1, 2],
          leavesKept: 5,
          delayDays: 3,
        }}
        stake={0.08}
        manner={{ units: 'metric', decimals: 'point', dates: 'day-first' }}
      />
      <figcaption className="mt-2 text-sm text-quiet">
        Planting day, as Prairie draws it: a made-up plant in made-up soil.
      </figcaption>
    </figure>
  )
}
