import type { Crop } from '../crop'
import { POT_BOUNDS } from '../bounds'
import { requireInRange } from '../guard'
import { cropCoefficient } from './crop-coefficient'
import { MIX_AVAILABLE, READILY } from './root-zone'

/** A pot's plant stands staked and grown. */
const GROWN = { canopy: 1, late: 0, staked: true }
/** † How much more a pot loses than a bed, standing free. Against: 1.5–4 L a plant and day at 6 mm. */
const EXPOSED = 1.3

/**
 * Water that a plant in a pot uses in a day, L: reference evapotranspiration × mid-season Kc × its canopy circle,
 * a third more for standing free.
 *
 * @param plant crop; canopy width, m
 * @param et0 mm d⁻¹
 * @throws RangeError when a number is out of range
 */
export function potNeed(plant: { crop: Crop; canopy: number }, et0: number): number {
  requireInRange('canopy', plant.canopy, 0, 5)
  requireInRange('et0', et0, 0, 20)
  return et0 * cropCoefficient(plant.crop, GROWN) * ((Math.PI * plant.canopy * plant.canopy) / 4) * EXPOSED
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
  requireInRange('litres', pot.litres, ...POT_BOUNDS.litres)
  const need = pot.plants.reduce((sum, plant) => sum + potNeed(plant, et0), 0)
  const held = pot.litres * MIX_AVAILABLE
  const readily = Math.min(...pot.plants.map(({ crop }) => READILY[crop]), READILY.tomato)
  return { need, untilSlow: (held * readily) / need, untilLimp: held / need }
}
