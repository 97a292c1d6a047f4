import type { Reason } from '../advice'
import { requireInRange } from '../guard'
import { count, days, volume } from '../quantity'

export type RotRule =
  | 'rot.even-first'
  | 'rot.dry-days'
  | 'rot.nitrogen'
  | 'rot.salt'
  | 'rot.small-pot'
  | 'rot.prone'
  | 'rot.calcium-low'
  | 'rot.calcium-enough'
  | 'rot.calcium-unknown'
  | 'rot.unsettled'

/** From this proneness on a type is called prone, 0–1. */
const PRONE = 0.6

/**
 * What speaks for blossom-end rot in a place and what helps, in the order in which it is worth doing: even moisture,
 * then no rush of nitrogen, no salt, a larger pot, less prone types; calcium only where a test is low.
 *
 * @param place days of the last fortnight on which growth was slowed; whether too much nitrogen lies ready; L of mix a
 *   plant has and wants at least, null in the ground; proneness of its types, 0–1; what the last soil test said
 * @throws RangeError when a number is out of range
 */
export function rotReasons(place: {
  dryDays: number
  glut: boolean
  pot: { litres: number; least: number } | null
  proneness: number
  test: { calciumLow: boolean; salty: boolean } | null
}): Reason<RotRule>[] {
  const { dryDays, glut, pot, proneness, test } = place
  requireInRange('dryDays', dryDays, 0, 14)
  requireInRange('proneness', proneness, 0, 1)
  const told: Reason<RotRule>[] = [
    dryDays > 0
      ? { rule: 'rot.dry-days', values: { days: days(dryDays) }, weight: 'decides' }
      : { rule: 'rot.even-first', values: {}, weight: 'decides' },
  ]
  const say = (rule: RotRule, weight: Reason['weight'], values: Reason['values'] = {}) =>
    told.push({ rule, values, weight })
  if (glut) say('rot.nitrogen', 'warns')
  if (test?.salty) say('rot.salt', 'warns')
  if (pot && pot.litres < pot.least)
    say('rot.small-pot', 'warns', { litres: volume(pot.litres), least: volume(pot.least) })
  if (proneness >= PRONE) say('rot.prone', 'supports', { share: count(proneness) })
  say(
    test === null ? 'rot.calcium-unknown' : test.calciumLow ? 'rot.calcium-low' : 'rot.calcium-enough',
    'supports',
  )
  say('rot.unsettled', 'supports')
  return told
}
