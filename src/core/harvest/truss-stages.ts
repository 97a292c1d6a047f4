import { hangingTrusses, type Plant } from '../crop'

/** † Of the way from flower to ripe fruit: full size, and the first colour. */
const MATURE = 0.72
const BREAKER = 0.85

export const TRUSS_STAGES = ['flower', 'growing', 'mature-green', 'breaker', 'ripe'] as const
export type TrussStage = (typeof TRUSS_STAGES)[number]

/** How many trusses of a plant hang in each stage, and kg on them. */
export function trussStages(plant: Plant): Record<TrussStage, { trusses: number; mass: number }> {
  const found = Object.fromEntries(TRUSS_STAGES.map((stage) => [stage, { trusses: 0, mass: 0 }])) as Record<
    TrussStage,
    { trusses: number; mass: number }
  >
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
    found[stage].mass += mass
  }
  return found
}
