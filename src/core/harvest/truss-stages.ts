import { hangingTrusses, type Plant } from '../crop'

/** Of the way from flower to ripe fruit: full size, and the first colour. */
const MATURE = 0.72
const BREAKER = 0.85

export const TRUSS_STAGES = ['flower', 'growing', 'mature-green', 'breaker', 'ripe'] as const
export type TrussStage = (typeof TRUSS_STAGES)[number]

/**
 * How many trusses of a plant hang in each stage, and kg on them.
 *
 * @param bears kg that it is expected to bear in a season: its leaves fill no more, however many trusses set
 */
export function trussStages(
  plant: Plant,
  bears: number,
): Record<TrussStage, { trusses: number; mass: number }> {
  const found = Object.fromEntries(TRUSS_STAGES.map((stage) => [stage, { trusses: 0, mass: 0 }])) as Record<
    TrussStage,
    { trusses: number; mass: number }
  >
  const filled = filledShare(plant, bears)
  for (const { truss, mass } of hangingTrusses(plant)) {
    if (truss.state === 'buds' || truss.state === 'failed') continue
    const stage: TrussStage =
      truss.state === 'ripe'
        ? 'ripe'
        : truss.state === 'open' || truss.set === 0
          ? 'flower'
          : truss.ripeness >= BREAKER
            ? 'breaker'
            : truss.ripeness >= MATURE
              ? 'mature-green'
              : 'growing'
    found[stage].trusses++
    found[stage].mass += mass * filled
  }
  return found
}

/**
 * What its light fills of the fruit that have set so far, 0–1: all while they are few, in the end what it
 * bears.
 */
function filledShare({ stems, fruitMass }: Plant, bears: number): number {
  const set = stems.reduce(
    (sum, { nodes }) =>
      sum +
      nodes.reduce(
        (all, { truss }) => all + (truss === null || truss.state === 'removed' ? 0 : truss.set),
        0,
      ),
    0,
  )
  const wanted = set * fruitMass
  return wanted <= 0 ? 1 : (bears / wanted) * (1 - Math.exp(-wanted / bears))
}
