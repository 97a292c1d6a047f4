import type { Reason } from '../advice'
import type { Cultivar } from '../crop'
import { name } from '../quantity'

/** What can be wrong with a picked fruit. */
export const FRUIT_FAULTS = ['cracked', 'rotten', 'scalded', 'misshapen', 'eaten'] as const
export type FruitFault = (typeof FRUIT_FAULTS)[number]

export type RipeRule =
  | 'ripe.colour'
  | 'ripe.shoulder'
  | 'ripe.gives'
  | 'ripe.knuckle'
  | 'ripe.truss'
  | 'ripe.turned'
  | 'ripe.green'
  | 'ripe.cork'
  | 'ripe.stalk'

/** How a cultivar shows that it is ripe, the surest sign first. */
export function ripeCues({ crop, fruit, ripeColour }: Cultivar): Reason<RipeRule>[] {
  const colour = { colour: name(ripeColour || 'its own colour') }
  const cue = (rule: RipeRule, weight: Reason['weight'] = 'supports', values: Reason['values'] = {}) => ({
    rule,
    values,
    weight,
  })
  if (crop === 'pepper') {
    const hot = fruit === 'hot-small' || fruit === 'hot-large'
    return [
      cue('ripe.turned', 'decides', colour),
      hot ? cue('ripe.cork') : cue('ripe.green'),
      cue('ripe.stalk'),
    ]
  }
  return [
    cue('ripe.colour', 'decides', colour),
    fruit === 'cherry' ? cue('ripe.truss') : cue('ripe.shoulder'),
    cue('ripe.gives'),
    cue('ripe.knuckle'),
  ]
}
