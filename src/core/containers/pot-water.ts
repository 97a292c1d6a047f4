import type { Crop } from '../crop'
import { requireInRange } from '../guard'

/** † Crop coefficient when the canopy is full, and how much more a pot loses than a bed, standing free. */
const MID_KC: Record<Crop, number> = { tomato: 1.2, pepper: 1.15 }
const EXPOSED = 1.3
/** † Water that potting mix gives up, of its volume; and the share of it taken before growth slows, FAO-56 table 22. */
const AVAILABLE = 0.25
const READILY: Record<Crop, number> = { tomato: 0.4, pepper: 0.3 }

/**
 * Water that a plant in a pot uses in a day, L: reference evapotranspiration × mid-season Kc × its canopy circle,
 * a third more for standing free.
 *
 * @param plant crop; canopy width, m
 * @param et0 mm d⁻¹
 * @throws RangeError when a number is out of range
 */
function potNeed(plant: { crop: Crop; canopy: number }, et0: number): number {
  requireInRange('canopy', plant.canopy, 0, 5)
  requireInRange('et0', et0, 0, 20)
  return et0 * MID_KC[plant.crop] * ((Math.PI * plant.canopy * plant.canopy) / 4) * EXPOSED
}

/**
 * Days that a pot, watered until it drips, lasts before growth slows and before the plant is in danger.
 *
 * @param pot mix in it, L; its plants
 * @param et0 mm d⁻¹
 * @returns days; Infinity where nothing is used
 * @throws RangeError when a number is out of range
 */
export function potLasts(
  pot: { litres: number; plants: readonly { crop: Crop; canopy: number }[] },
  et0: number,
): { untilSlow: number; untilLimp: number; need: number } {
  requireInRange('litres', pot.litres, 0.1, 10_000)
  const need = pot.plants.reduce((sum, plant) => sum + potNeed(plant, et0), 0)
  const held = pot.litres * AVAILABLE
  const readily = Math.min(...pot.plants.map(({ crop }) => READILY[crop]), READILY.tomato)
  return { need, untilSlow: (held * readily) / need, untilLimp: held / need }
}
