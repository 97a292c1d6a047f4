import { requireFinite } from '../guard'
import type { Crop } from '../crop'

/** Days from sowing to emergence by soil temperature, °C → d [Harrington & Minges 1954]. */
const DAYS: Record<Crop, readonly (readonly [temperature: number, days: number])[]> = {
  tomato: [
    [10, 43],
    [15, 14],
    [20, 8],
    [25, 6],
    [30, 6],
    [35, 9],
  ],
  pepper: [
    [15, 25],
    [20, 13],
    [25, 8],
    [30, 8],
    [35, 9],
  ],
}

/**
 * Days from sowing to emergence at a steady soil temperature, the speed 1/days interpolated in the table of
 * Harrington & Minges 1954.
 *
 * @param soilTemperature °C
 * @returns d; null: too cold to come up, or above 35 °C
 * @throws RangeError when the temperature is not finite
 * @example daysToEmergence('tomato', 20) // 8
 */
export function daysToEmergence(crop: Crop, soilTemperature: number): number | null {
  requireFinite('soilTemperature', soilTemperature)
  const table = DAYS[crop]
  for (let row = 1; row < table.length; row++) {
    const [[cool, slow], [warm, fast]] = [table[row - 1]!, table[row]!]
    if (soilTemperature < cool || soilTemperature > warm) continue
    const along = (soilTemperature - cool) / (warm - cool)
    return 1 / (1 / slow + along * (1 / fast - 1 / slow))
  }
  return null
}
