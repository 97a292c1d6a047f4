import { isBush } from '../crop'
import type { Support } from '../facts'
import type { SupportCase, SupportPlan } from './support-case'

/** Shelter at which a plant can be trusted to stand alone. */
const SHELTERED = 0.7

/** Whether a system suits a plant, by its habit, its training and how wet and windy it stands. */
export function suits(
  system: Support,
  {
    cultivar,
    training,
    wetness,
    shelter,
  }: Pick<SupportCase, 'cultivar' | 'training' | 'wetness' | 'shelter'>,
): SupportPlan['suits'] {
  const few = training === 'single-stem' || training === 'two-stems'
  if (cultivar.crop === 'pepper')
    switch (system) {
      case 'stake':
        return 'well'
      case 'none':
        return shelter <= SHELTERED ? 'well' : 'can'
      case 'panel':
        return 'no'
      default:
        return 'can'
    }
  if (isBush(cultivar))
    switch (system) {
      case 'weave':
        return cultivar.habit === 'dwarf' ? 'no' : 'well'
      case 'cage':
        return 'well'
      case 'string':
        return 'no'
      case 'none':
        return cultivar.habit === 'dwarf' ? 'well' : wetness === 'high' ? 'no' : 'can'
      default:
        return 'can'
    }
  switch (system) {
    case 'stake':
    case 'string':
      return few ? 'well' : training === 'three-stems' ? 'can' : 'no'
    case 'cage':
      return few ? 'can' : 'well'
    case 'none':
      return training === 'sprawling' && wetness !== 'high' ? 'can' : 'no'
    default:
      return 'can'
  }
}
