import type { Conclusion, TurningValue } from '../core/trial'
import { listed } from './names'
import { sayCount } from './say'

/** What the working values of the season model are called. */
export const VALUE_NAMES: Record<string, string> = {
  'MODEL.mostLeaf': 'the leaf at which shoots stop',
  'MODEL.trayLeaf': 'the leaf of a seedling',
  'MODEL.node': 'what a new leaf costs the plant',
  'MODEL.eases': 'how slowly a plant feels hunger',
  'MODEL.setFeels': 'how hunger keeps flowers from setting',
  'MODEL.shadeCools': 'how much shade cools fruit',
  'MODEL.shadeSaves': 'the water that shade saves',
  'MODEL.unshaken': 'flowers that set unshaken',
  'MODEL.leastSet': 'the fruit under which a cluster fails',
  'NITROGEN.tomato': 'the nitrogen in a tomato plant',
  'NITROGEN.pepper': 'the nitrogen in a pepper plant',
  'NITROGEN.inSpring': 'the nitrogen in spring soil',
  'NITROGEN.reach': 'how fast roots find nitrogen',
  'NITROGEN.enough': 'the nitrogen that is enough',
  'NITROGEN.starved': 'the nitrogen at which growth stops',
  'NITROGEN.glut': 'the nitrogen that is too much',
  'NITROGEN.glutMost': 'the nitrogen that does the most harm',
  'NITROGEN.glutLeaf': 'the leaf that too much nitrogen makes',
  'NITROGEN.glutSet': 'the fruit that too much nitrogen costs',
  'LOSSES.rot': 'blossom-end rot in dry soil',
  'LOSSES.rotMost': 'the most that blossom-end rot takes',
  'LOSSES.rotOfGlut': 'blossom-end rot from too much nitrogen',
  'LOSSES.cracks': 'fruit that crack after a soaking',
  'LOSSES.scald': 'sunscald in the heat',
  'LOSSES.onGround': 'fruit that rot on dry soil',
  'LOSSES.onWetGround': 'fruit that rot on wet soil',
  'LOSSES.bushLies': 'how much of a bush lies down',
  'DISEASE.splash': 'the leaf spots that splash up',
  'DISEASE.spreads': 'how fast leaf spots spread',
  'DISEASE.mulched': 'the splash that mulch lets through',
  'DISEASE.clear': 'how high splash reaches',
  'DISEASE.overhead': 'what wet leaves from the hose do',
  'DISEASE.dense': 'what crowding does to leaf spots',
  'DISEASE.blight': 'how often late blight arrives',
  'DISEASE.blightSpreads': 'how fast late blight spreads',
}

const THEN: Record<Conclusion, string> = {
  better: 'it is clearly better',
  worse: 'it is clearly worse',
  neither: 'there is no clear difference',
}
/** Values that are named; the rest are counted. */
const MOST_NAMED = 3

/** How far a conclusion holds, by the working values that turn it. */
export function sayHolds(turning: readonly TurningValue[]): string {
  if (turning.length === 0)
    return 'This holds even if any one of the model’s typical values is a quarter off.'
  const named = turning
    .slice(0, MOST_NAMED)
    .map(
      ({ value, factor, says }) =>
        `if ${VALUE_NAMES[value] ?? value} is a quarter ${factor < 1 ? 'less' : 'more'}, ${THEN[says]}`,
    )
  const rest = turning.length - named.length
  return `This turns with what the model takes: ${listed(named)}${rest > 0 ? `; and ${sayCount(rest, 'more such value')}` : ''}.`
}
