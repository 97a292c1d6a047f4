import { isBush, type Crop, type Cultivar, type Habit, type Training } from '../crop'
import { requireInRange } from '../guard'
import type { Position } from './capacity-input'

/** A plant in a plan: where it stands and how far from its like it is advised to stand, m; its grown leaf area, m². */
export interface PlannedPlant extends Position {
  id: string
  apart: number
  leafArea: number
}

/** How close a plan stands against what is advised. */
export interface Crowding {
  /** By plant: advised distance over the distance to the neighbour that presses most; 1 as advised, 0 alone. */
  index: Map<string, number>
  /** Plants that stand more than a twentieth closer than advised. */
  crowded: string[]
  /** m² of leaf over each m² of ground, grown. */
  leafAreaIndex: number
  /** Share of the light that so many leaves take, 0–1: 1 − e^(−0.7 LAI). */
  lightTaken: number
}

/** † Grown leaves kept on a plant, and m² of each. Against: leaf-area indices of 3–4 at standard spacing. */
const LEAVES = { 'single-stem': 16, 'two-stems': 28, 'three-stems': 38, cage: 40, sprawling: 60 } as const
const BUSH_LEAVES = 30
const DWARF_LEAVES = 26
const PEPPER_LEAVES = 80
const LEAF = { vine: 0.05, cherry: 0.035, bush: 0.035, dwarf: 0.02, pepper: 0.008 }

/** Extinction of light in a canopy. */
const EXTINCTION = 0.7
const CROWDED_FROM = 1.05

/** Leaf area of a grown plant, m². */
export function leafAreaOf(cultivar: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>, training: Training): number {
  const { crop, habit, fruit }: { crop: Crop; habit: Habit | null; fruit: string } = cultivar
  if (crop === 'pepper') return PEPPER_LEAVES * LEAF.pepper
  if (habit === 'dwarf') return DWARF_LEAVES * LEAF.dwarf
  if (isBush(cultivar)) return BUSH_LEAVES * LEAF.bush
  const leaves = training in LEAVES ? LEAVES[training as keyof typeof LEAVES] : LEAVES['two-stems']
  return leaves * (fruit === 'cherry' ? LEAF.cherry : LEAF.vine)
}

/**
 * How close plants stand against what is advised, and how much leaf their ground will carry.
 *
 * @param area ground they have, m²
 * @throws RangeError when the area or a distance is out of range
 */
export function crowding(plants: readonly PlannedPlant[], area: number): Crowding {
  requireInRange('area', area, 0.001, 1_000_000)
  for (const { apart } of plants) requireInRange('apart', apart, 0.01, 20)
  const index = new Map(plants.map((plant) => [plant.id, pressure(plant, plants)]))
  const leafAreaIndex = plants.reduce((sum, { leafArea }) => sum + leafArea, 0) / area
  return {
    index,
    crowded: plants.filter(({ id }) => index.get(id)! > CROWDED_FROM).map(({ id }) => id),
    leafAreaIndex,
    lightTaken: 1 - Math.exp(-EXTINCTION * leafAreaIndex),
  }
}

/** What two plants want between them is half of what each wants; stems on one spot press without end. */
function pressure(plant: PlannedPlant, plants: readonly PlannedPlant[]): number {
  let most = 0
  for (const other of plants) {
    if (other.id === plant.id) continue
    const distance = Math.hypot(other.x - plant.x, other.y - plant.y)
    most = Math.max(most, (plant.apart + other.apart) / 2 / Math.max(distance, 0.01))
  }
  return most
}
