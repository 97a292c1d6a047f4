import type { Cultivar } from '../crop'
import type { Support } from '../facts'
import { loweringsOf } from './lengths'
import { usualHeight } from './plans'
import { weaveTiers } from './weave'

/** Works by which a stem is held as it grows. */
export const TYING_WORKS = ['tie', 'tier', 'lower'] as const
export type TyingWork = (typeof TYING_WORKS)[number]

/** † m between ties, and height of the first. Against: a tie each 0.25 m. */
const TIE = { first: 0.3, every: 0.25 }

/** What a growing stem asks of its support: the work, and the heights at which it is due, m. */
export interface TyingPlan {
  work: TyingWork
  heights: number[]
}

/**
 * The heights at which a plant is tied, a string is drawn, or a vine on a string is lowered; a cage or none asks nothing.
 *
 * @param stem how long the stem is by then, m
 */
export function tyingPlans(
  system: Support,
  cultivar: Pick<Cultivar, 'crop' | 'habit'>,
  stem: number,
): TyingPlan[] {
  const top = usualHeight(system, { cultivar: cultivar as Cultivar })
  const upTo = (first: number, every: number, end: number) =>
    Array.from(
      { length: Math.max(0, Math.floor((Math.min(stem, end) - first) / every + 1e-9) + 1) },
      (_, index) => first + index * every,
    )
  switch (system) {
    case 'weave':
      return [{ work: 'tier', heights: weaveTiers(top).filter((height) => height <= stem) }]
    case 'stake':
    case 'panel':
      return [{ work: 'tie', heights: upTo(TIE.first, TIE.every, top) }]
    case 'string':
      return [
        { work: 'tie', heights: upTo(TIE.first, TIE.every, top) },
        { work: 'lower', heights: loweringsOf(top, stem) },
      ]
    case 'cage':
    case 'none':
      return []
  }
}
