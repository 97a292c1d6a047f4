import type { CautionId } from '../core/advice'
import type { Manner } from '../core/facts'
import { written } from './written'

/** The usual caution beside an act that can hurt someone. */
const CAUTIONS: Record<CautionId, string> = {
  'treated-seed': 'Treated seed: wear gloves, and do not eat it.',
  'grow-light': 'Keep lamps and cords away from water.',
  'lift-trays': 'Wet trays are heavy. Bend your knees, and carry fewer at a time.',
  'buried-lines': 'Ask the utilities to mark lines before you dig or drive posts deeper than a spade.',
  'stake-tips': 'Cap the tips of stakes and canes before you bend over the bed.',
  'heat-work': 'In the heat, work in the shade, drink water, and wear a hat.',
  'sharp-blade': 'Cut away from your hand, and wipe the blade between plants.',
  'foliage-not-food': 'Do not eat leaves or stems, and keep pets from eating them.',
  'hot-pepper': 'Hot peppers: wear gloves, and do not touch your eyes or contact lenses.',
  'wet-pots': 'Wet pots are heavy. Move them when dry, use a cart, or ask someone to help.',
  'balcony-load':
    'Ask the building’s engineer how much the balcony, deck or roof can carry, with people and snow.',
  'wire-mesh': 'Cut mesh springs and scratches. Wear gloves and goggles, and bend the ends in.',
  'driven-posts':
    'Driving posts: wear goggles and keep all hands off the post. A helper holds it only with a clamp.',
  'overhead-work': 'Set the ladder on firm ground. Follow local building codes for beams overhead.',
  'tunnel-structure':
    'For a structure you can walk under, follow local codes for wind and snow, and ask a licensed builder.',
  'label-is-limit': 'Follow the label. Its rate, crops and safety gear come before every number here.',
  'feed-dust':
    'Dry meals and lime raise dust: wear a mask. Fit a backflow preventer wherever feed enters a drinking-water line.',
  'fresh-manure':
    'Apply fresh manure at least 90 days before harvest, or 120 days if the fruit touch the soil.',
  'sick-plants':
    'Bag sick plants, and wash hands and blades afterward. Do not compost them, and burn them only where local rules allow. If you are unsure, ask your local plant clinic.',
  'spray-heat':
    'Do not spray soap or oil above {temperature 32} or on thirsty plants. Spray in the evening, away from bees. Follow the label.',
  'treated-clippings': 'Do not use clippings, straw or manure from ground treated with weedkiller.',
  'not-eaten': 'Do not eat fruit that a spray has drifted on unless its label says you can.',
  'lime-by-test': 'Use lime, wood ash or sulfur only by a pH test, with gloves and a dust mask.',
  'bt-small-only': 'Bacillus thuringiensis works only on small caterpillars. Follow its label.',
  'rodent-poison':
    'Rodent poison kills pets and wildlife. Use traps in a locked box, out of the reach of children.',
}

export const CAUTION_IDS = Object.keys(CAUTIONS) as CautionId[]

export const sayCautions = (ids: readonly CautionId[], manner: Manner): string[] =>
  ids.map((id) => written(CAUTIONS[id], manner))
