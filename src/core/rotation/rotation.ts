import type { Advice, Reason } from '../advice'
import { requireInteger } from '../guard'
import { count } from '../quantity'

/** The family of tomatoes and peppers, and of potatoes and aubergines. */
export const SOLANACEAE = 'Solanaceae'

/** † Whole seasons that a spot rests from them: enough, and better. Against: three to four years of rest. */
export const REST = { enough: 3, better: 4 }

/** How long a spot has rested, in whole seasons; null: they never stood there, as far as is known. */
export interface Rotation {
  rested: number | null
  verdict: 'never' | 'rested' | 'short' | 'again'
}

export type RotationRule =
  | 'rotation.never'
  | 'rotation.rested'
  | 'rotation.short'
  | 'rotation.again'
  | 'rotation.new-mix'
  | 'rotation.renew-soil'
  | 'rotation.graft'
  | 'rotation.resistant'
  | 'rotation.clean'

/**
 * How long a spot has rested from Solanaceae when a season begins, and what to do where it must bear again.
 *
 * @param spot years in which Solanaceae stood there; whether it is a pot, whose mix can be renewed
 * @param season the year the season begins in
 * @throws RangeError when a year is not from 1900 to 2400
 */
export function rotation(
  spot: { years: readonly number[]; container: boolean },
  season: number,
): Advice<Rotation, RotationRule> {
  requireInteger('season', season, 1800, 2500)
  for (const year of spot.years) requireInteger('years', year, 1800, 2500)
  const before = spot.years.filter((year) => year < season)
  const rested = before.length === 0 ? null : season - Math.max(...before) - 1
  const verdict =
    rested === null ? 'never' : rested >= REST.enough ? 'rested' : rested === 0 ? 'again' : 'short'
  const decides: Reason<RotationRule> = {
    rule: `rotation.${verdict}`,
    values: rested === null ? {} : { rested: count(rested), enough: count(REST.enough) },
    weight: 'decides',
  }
  const must = verdict === 'short' || verdict === 'again'
  const plainly = (rule: RotationRule): Reason<RotationRule> => ({ rule, values: {}, weight: 'supports' })
  const measures: RotationRule[] = spot.container
    ? ['rotation.new-mix']
    : ['rotation.renew-soil', 'rotation.graft', 'rotation.resistant', 'rotation.clean']
  return {
    answer: { rested, verdict },
    reasons: [decides, ...(must ? measures.map(plainly) : [])],
    alternatives: [],
    cautions: [],
  }
}
