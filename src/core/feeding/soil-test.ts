import { requireInRange } from '../guard'
import type { Reason } from '../advice'
import { count, share } from '../quantity'

/** A laboratory's soil test: pH; organic matter, %; P, K, Ca, Mg in mg/kg; EC of the saturated paste, dS/m. */
export interface SoilTest {
  ph: number
  organicMatter: number
  p: number
  k: number
  ca: number
  mg: number
  ec: number
}

export type SoilRule =
  | 'soil.ph-low'
  | 'soil.ph-high'
  | 'soil.ph-good'
  | 'soil.organic-low'
  | 'soil.p-low'
  | 'soil.p-high'
  | 'soil.k-low'
  | 'soil.ca-low'
  | 'soil.mg-low'
  | 'soil.salty'

const PH = { low: 6.2, high: 6.8 }
/**
 * † Under these a soil is low, over `high` it wants none for years; mg/kg, Mehlich-3. Against: the classes that
 * soil laboratories usually print.
 */
const LEVELS = { p: { low: 30, high: 100 }, k: { low: 120 }, ca: { low: 600 }, mg: { low: 60 } }
const ORGANIC_LOW = 3

/**
 * What a soil test changes, the weightiest first.
 *
 * @param threshold dS/m above which the crop loses yield
 * @throws RangeError naming the value that is out of range
 */
export function readSoilTest(test: SoilTest, threshold: number): Reason<SoilRule>[] {
  const { ph, organicMatter, p, k, ca, mg, ec } = test
  requireInRange('ph', ph, 3, 11)
  requireInRange('organicMatter', organicMatter, 0, 100)
  for (const [name, value] of Object.entries({ p, k, ca, mg })) requireInRange(name, value, 0, 100_000)
  requireInRange('ec', ec, 0, 100)
  const found: Reason<SoilRule>[] = []
  const say = (rule: SoilRule, weight: Reason['weight'], values: Reason['values'] = {}) =>
    found.push({ rule, values, weight })
  if (ec > threshold) say('soil.salty', 'warns', { ec: count(ec), threshold: count(threshold) })
  if (ph < PH.low) say('soil.ph-low', 'decides', { ph: count(ph) })
  else if (ph > PH.high) say('soil.ph-high', 'decides', { ph: count(ph) })
  else say('soil.ph-good', 'supports', { ph: count(ph) })
  if (organicMatter < ORGANIC_LOW) say('soil.organic-low', 'decides', { organic: share(organicMatter / 100) })
  if (p < LEVELS.p.low) say('soil.p-low', 'supports')
  if (p > LEVELS.p.high) say('soil.p-high', 'warns')
  if (k < LEVELS.k.low) say('soil.k-low', 'supports')
  if (ca < LEVELS.ca.low) say('soil.ca-low', 'supports')
  if (mg < LEVELS.mg.low) say('soil.mg-low', 'supports')
  return found
}
