import type { CautionId } from '../core/advice'

/** The usual caution beside an act that can hurt someone. */
export const CAUTIONS: Record<CautionId, string> = {
  'treated-seed': 'Treated seed: wear gloves, and never eat it.',
  'grow-light': 'Keep lamps and their leads away from water.',
  'lift-trays': 'Wet trays are heavy: bend your knees, carry fewer.',
  'buried-lines': 'Ask the utilities before you dig or drive posts deeper than a spade.',
  'stake-tips': 'Cap the tips of stakes and canes before you bend over the bed.',
  'heat-work': 'In heat: shade, water, and a hat for yourself too.',
  'sharp-blade': 'Sharp blade: cut away from your hand, and wipe it between plants.',
  'foliage-not-food': 'Leaves and stems are not food for people or pets.',
  'hot-pepper': 'Hot peppers: gloves on, hands off eyes and contact lenses.',
  'wet-pots': 'Wet pots are heavy: move them dry, on a trolley, or with a second pair of hands.',
  'balcony-load':
    'What a balcony, deck or roof may carry is for the building’s engineer to say, people and snow included.',
  'wire-mesh': 'Cut mesh springs and scratches: gloves and goggles, ends bent in.',
  'driven-posts':
    'Driving posts: goggles, nobody’s hands on the post, wood held by a second person only with a clamp.',
  'overhead-work':
    'A beam overhead: a ladder on firm ground, and what one walks under by local building rules.',
  'tunnel-structure':
    'A structure one can walk under: local building rules, wind and snow loads, a licensed builder.',
  'label-is-limit':
    'The label is the limit: its rate, its crops and its protection come before every number here.',
  'feed-dust':
    'Dry meals and lime raise dust: wear a mask. Wherever feed enters a line of drinking water, a backflow preventer is needed.',
  'fresh-manure':
    'Fresh manure needs 90 days before a harvest that does not touch soil, 120 before one that does.',
  'sick-plants':
    'Sick plants: bag them, wash hands and blades after, keep them off the compost, and burn only where local rules allow. Where you are not sure, or it has to be reported, ask the local plant clinic.',
  'spray-heat':
    // In both: a caution stands on papers too.
    // eslint-disable-next-line no-restricted-syntax
    'Soap and oil: not above 32 °C (90 °F), not on thirsty plants, in the evening and away from bees. The label decides.',
  'treated-clippings': 'No clippings, straw or manure from ground that was treated with weedkiller.',
  'not-eaten': 'Fruit that a spray has drifted on are not for eating unless its label says so.',
  'lime-by-test': 'Lime, wood ash and sulphur only by a pH test, with gloves and a dust mask.',
  'bt-small-only': 'Bacillus thuringiensis works on small caterpillars only, and by its label.',
  'rodent-poison':
    'Rodent poison kills pets and wild hunters: traps, in a locked box, out of the reach of children.',
}
