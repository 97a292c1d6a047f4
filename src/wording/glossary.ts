/** The field's words, as they are used on the screens. */
export const GLOSSARY: readonly { word: string; means: string }[] = [
  {
    word: 'Anthesis',
    means: 'The day a flower opens. The nights and days around it decide whether it sets fruit.',
  },
  {
    word: 'Blossom-end rot',
    means:
      'A sunken dark patch at the end of the fruit away from its stalk. Uneven water in young fruit causes it; it does not spread.',
  },
  {
    word: 'Breaker stage',
    means: 'The first color on a fruit. From then on it also ripens off the plant.',
  },
  {
    word: 'Canopy',
    means: 'A plant’s leaves seen from above. Their width decides how much light, air and water it needs.',
  },
  {
    word: 'Depletion',
    means: 'How much water the root zone is short of. It is zero after you water thoroughly.',
  },
  {
    word: 'Determinate',
    means: 'A bush plant: each stem ends in a flower cluster, so it stays short and ripens all at once.',
  },
  {
    word: 'EC',
    means: 'Electrical conductivity, in mS/cm or dS/m: how much salt a solution or soil holds.',
  },
  { word: 'Embedment', means: 'How deep a post goes into the ground.' },
  { word: 'Emitter', means: 'The opening of a drip line. Each gives a set amount of water per hour.' },
  {
    word: 'Growing degree-days',
    means:
      'Warmth added up from day to day: how far each hour is above the crop’s lowest growing temperature. Great heat does not count. Plants grow by these.',
  },
  {
    word: 'Hardening off',
    means: 'Putting seedlings outside a little longer each day before you plant them out.',
  },
  {
    word: 'Indeterminate',
    means: 'A vine: its tip keeps growing, with a flower cluster every three leaves, until frost or a cut.',
  },
  { word: 'Internode', means: 'The stem between two leaves.' },
  {
    word: 'Kc',
    means: 'Crop coefficient: how much water a crop uses, compared with short grass.',
  },
  {
    word: 'N–P₂O₅–K₂O',
    means: 'The percentages on a label, by weight. P is {number 0.436} of P₂O₅; K is {number 0.83} of K₂O.',
  },
  { word: 'Node', means: 'The place on a stem where a leaf grows, with a sucker in the angle.' },
  {
    word: 'RAW',
    means: 'Readily available water: what roots can take before growth slows. It is a share of TAW.',
  },
  {
    word: 'Reference evapotranspiration',
    means: 'ET0: how much water short grass would use on a day with this sun, wind, warmth and humidity.',
  },
  {
    word: 'Sucker',
    means:
      'The side shoot in the angle of a leaf. If you leave it, it becomes a stem with its own flower clusters.',
  },
  {
    word: 'TAW',
    means: 'Total available water: all that roots can take from the soil between wet and wilting.',
  },
  { word: 'Tier', means: 'One height of twine in a twine weave.' },
  { word: 'Truss', means: 'A flower cluster on the stem, and later the fruit on it.' },
  {
    word: 'Twine weave',
    means: 'Twine run along both sides of a row from post to post, to hold the plants between.',
  },
]
