import type { Crop } from '../crop'
import { requireInRange } from '../guard'

/** Kc at the start, grown and staked, and at the end [FAO-56 table 12]. */
export const CROP_KC: Record<Crop, { start: number; grown: number; staked: number; end: number }> = {
  tomato: { start: 0.6, grown: 1.15, staked: 1.2, end: 0.8 },
  pepper: { start: 0.6, grown: 1.05, staked: 1.15, end: 0.9 },
}

/** What the air of a day makes of a grown crop's Kc: wind at 2 m, m/s; the day's least humidity, %; the crop's height, m. */
export interface CropAir {
  wind: number
  minimumHumidity: number
  height: number
}

/** The bounds within which the climate moves a Kc [FAO-56 eq. 62]. */
const AIR = { wind: [1, 6], minimumHumidity: [20, 80], height: [0.1, 10] } as const

/**
 * How far dry wind raises a grown crop's Kc, and damp still air lowers it [FAO-56 eq. 62, 65]; what is beyond the
 * bounds of its wind, 1–6 m/s, humidity, 20–80 %, and height, 0.1–10 m, counts as at them.
 */
export function climateOfKc(air: CropAir): number {
  const held = (name: keyof CropAir) => Math.min(AIR[name][1], Math.max(AIR[name][0], air[name]))
  const [wind, humidity, height] = [held('wind'), held('minimumHumidity'), held('height')]
  return (0.04 * (wind - 2) - 0.004 * (humidity - 45)) * (height / 3) ** 0.3
}

/**
 * Kc of a crop by how far its canopy has closed and how far its last month has gone; single, for a plant's whole share
 * of the ground.
 *
 * @param canopy share of the grown canopy, 0–1
 * @param late share of the last month that is over, 0–1
 * @param air of the day; as the table's own, a mild subhumid one, unless said
 * @throws RangeError when a share is not from 0 to 1
 * @example cropCoefficient('tomato', { canopy: 1, late: 0, staked: true }) // 1.2
 */
export function cropCoefficient(
  crop: Crop,
  { canopy, late, staked, air }: { canopy: number; late: number; staked: boolean; air?: CropAir },
): number {
  requireInRange('canopy', canopy, 0, 1)
  requireInRange('late', late, 0, 1)
  const { start, grown, staked: high, end } = CROP_KC[crop]
  const by = air ? climateOfKc(air) : 0
  const mid = start + ((staked ? high : grown) + by - start) * canopy
  return mid + (Math.min(mid, end + by) - mid) * late
}
