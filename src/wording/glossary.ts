/** The field's words, as they are used on the screens. */
export const GLOSSARY: readonly { word: string; means: string }[] = [
  {
    word: 'Anthesis',
    means: 'The opening of the flower; fruit set depends on the nights and days around it.',
  },
  {
    word: 'Blossom-end rot',
    means:
      'A sunken dark patch at the fruit’s far end: a disorder of uneven water in young fruit, not contagious.',
  },
  {
    word: 'Breaker stage',
    means: 'The first blush of colour on a fruit; from then on it ripens off the plant too.',
  },
  { word: 'Canopy', means: 'The leaves of a plant seen from above; its width decides light, air and water.' },
  {
    word: 'Degree-days',
    means:
      'Warmth added up: a day’s mean temperature above {temperature 10}, hour by hour, capped in heat. Growth counts these.',
  },
  {
    word: 'Depletion',
    means:
      'Water missing from the root zone, in mm. Nothing is missing in the evening of a thorough watering.',
  },
  {
    word: 'Determinate',
    means: 'A bush: each stem ends in a truss, height is limited, the crop comes together.',
  },
  {
    word: 'EC',
    means: 'Electrical conductivity of a solution or soil, in mS/cm or dS/m: how much salt it holds.',
  },
  { word: 'Embedment', means: 'How deep a post stands in the ground.' },
  { word: 'Emitter', means: 'The opening of a drip line; it gives so many litres an hour.' },
  { word: 'Hardening off', means: 'Days outside, a little longer each, before you plant a seedling out.' },
  {
    word: 'Indeterminate',
    means: 'A vine: the tip grows on, with a truss each three leaves, until frost or a cut.',
  },
  { word: 'Internode', means: 'The piece of stem between two leaves.' },
  {
    word: 'Kc',
    means: 'Crop coefficient: a crop’s water use as a share of the reference evapotranspiration.',
  },
  { word: 'N–P₂O₅–K₂O', means: 'A label’s percentages by mass; P is 0.436 of P₂O₅, K is 0.830 of K₂O.' },
  { word: 'Node', means: 'The place on a stem where a leaf grows, with a sucker in its angle.' },
  { word: 'RAW', means: 'Readily available water: what roots take before growth slows; a share of TAW.' },
  {
    word: 'Reference evapotranspiration',
    means: 'ET0: what short grass would use on a day of such sun, wind, warmth and damp, in mm.',
  },
  {
    word: 'Sucker',
    means: 'The side shoot in the angle of a leaf; left, it becomes a stem with trusses of its own.',
  },
  {
    word: 'TAW',
    means: 'Total available water: all that roots can take from the root zone between wet and wilting.',
  },
  { word: 'Tier', means: 'One height of string in a weave.' },
  { word: 'Truss', means: 'A cluster of flowers and later fruit on the stem.' },
  {
    word: 'Weave',
    means: 'Strings drawn along both sides of a row from post to post, holding plants between them.',
  },
]
