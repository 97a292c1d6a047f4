import { isBush, type Crop, type Cultivar } from './traits'

export const TRAININGS = [
  'single-stem',
  'two-stems',
  'three-stems',
  'cage',
  'weave',
  'sprawling',
  'bush',
  'pepper',
  'pepper-open',
] as const
/** How a plant is led: what decides its room. */
export type Training = (typeof TRAININGS)[number]

/** The trainings that suit a cultivar, the usual one first. */
export function trainingsFor(cultivar: Pick<Cultivar, 'crop' | 'habit'>): readonly Training[] {
  if (cultivar.crop === 'pepper') return ['pepper', 'pepper-open']
  if (isBush(cultivar)) return cultivar.habit === 'dwarf' ? ['bush'] : ['weave', 'cage', 'bush']
  return ['two-stems', 'single-stem', 'three-stems', 'cage', 'sprawling']
}

/** † Width of the grown canopy, m. Against: spacing tables. */
export function grownWidth(cultivar: Pick<Cultivar, 'crop' | 'habit'>, training: Training): number {
  if (cultivar.crop === 'pepper') return 0.45
  if (cultivar.habit === 'dwarf') return 0.5
  if (isBush(cultivar)) return 0.7
  return { 'single-stem': 0.5, 'two-stems': 0.65, sprawling: 1.4 }[training as string] ?? 0.8
}

/** † Height of the grown plant on its support, m. Against: heights on packets and supports. */
export function grownHeight(cultivar: Pick<Cultivar, 'crop' | 'habit'>, training: Training): number {
  if (cultivar.crop === 'pepper') return 0.7
  if (cultivar.habit === 'dwarf') return 0.8
  if (cultivar.habit === 'semi-determinate') return 1.4
  if (isBush(cultivar)) return 1.05
  return training === 'sprawling' ? 0.7 : 1.8
}

/**
 * °C d from transplanting until the canopy is as wide as it gets; and its width on that day, m [FAO-56 table
 * 11: 70 days from planting to full cover, at 10.5 °C d a day].
 */
const FULL_WIDTH_AFTER: Record<Crop, number> = { tomato: 740, pepper: 550 }
const WIDTH_AT_TRANSPLANTING = 0.18

/** Width of the canopy so many °C d after transplanting, m: a smooth rise to the grown width. */
export function canopyWidth(crop: Crop, grown: number, degreeDaysSince: number): number {
  const share = Math.min(1, Math.max(0, degreeDaysSince / FULL_WIDTH_AFTER[crop]))
  return WIDTH_AT_TRANSPLANTING + (grown - WIDTH_AT_TRANSPLANTING) * share * share * (3 - 2 * share)
}
