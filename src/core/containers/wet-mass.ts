import type { Advice } from '../advice'
import { isBush, type Cultivar } from '../crop'
import { POT_BOUNDS } from '../bounds'
import { requireInRange } from '../guard'
import { mass } from '../quantity'
import { SETTLING, wetMassPerLitre, type Component } from './mix'

/**
 * † kg of a grown plant with its fruit, and of an empty pot for each litre it holds. Against: nothing measured
 * yet.
 */
const PLANT = { vine: 7, bush: 4.5, dwarf: 2.5, pepper: 2.5 }
const POT_A_LITRE = 0.04

/**
 * What a pot weighs at its heaviest: soaked, with its plants full of fruit; kg.
 *
 * @param pot mix in it, L after settling; plants
 * @throws RangeError when a number is out of range
 */
export function wetMass(pot: {
  litres: number
  parts: Partial<Record<Component, number>>
  plants: readonly Pick<Cultivar, 'crop' | 'habit'>[]
}): number {
  requireInRange('litres', pot.litres, ...POT_BOUNDS.litres)
  // Settled mix is the same stuff in less room.
  const mix = (pot.litres / (1 - SETTLING)) * wetMassPerLitre(pot.parts)
  return mix + pot.litres * POT_A_LITRE + pot.plants.reduce((sum, plant) => sum + plantMass(plant), 0)
}

const plantMass = (cultivar: Pick<Cultivar, 'crop' | 'habit'>): number =>
  cultivar.crop === 'pepper'
    ? PLANT.pepper
    : cultivar.habit === 'dwarf'
      ? PLANT.dwarf
      : isBush(cultivar)
        ? PLANT.bush
        : PLANT.vine

export type LoadRule = 'load.within' | 'load.over' | 'load.unknown'

/**
 * What pots put on a floor, against what it may carry.
 *
 * @param masses of each pot, soaked, kg
 * @param allowed what the floor's builder or engineer states, kg in all; null: not known
 * @throws RangeError when a mass is out of range
 */
export function floorLoad(
  masses: readonly number[],
  allowed: number | null,
): Advice<{ total: number; over: number | null }, LoadRule> {
  for (const one of masses) requireInRange('masses', one, 0, 100_000)
  if (allowed !== null) requireInRange('allowed', allowed, 0, 10_000_000)
  const total = masses.reduce((sum, one) => sum + one, 0)
  const over = allowed === null ? null : Math.max(0, total - allowed)
  return {
    answer: { total, over },
    reasons: [
      {
        rule: over === null ? 'load.unknown' : over > 0 ? 'load.over' : 'load.within',
        values: {
          total: mass(total),
          ...(allowed === null ? {} : { allowed: mass(allowed), over: mass(over!) }),
        },
        weight: 'decides',
      },
    ],
    alternatives: [],
    cautions: ['balcony-load', 'wet-pots'],
  }
}
