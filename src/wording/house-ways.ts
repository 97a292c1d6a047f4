/** The decisions in which growers differ: what is decided, and of each way its case and its cost. */
export const HOUSE_WAYS: Record<
  string,
  { name: string; changes: string; ways: Record<string, { name: string; gains: string; costs: string }> }
> = {
  depth: {
    name: 'How deep to plant a tomato',
    changes: 'Planting day, hole and stake.',
    ways: {
      'worked-out': {
        name: 'Worked out',
        gains: 'Uses your plant, how warm the soil is at each depth, and the days you have to spare.',
        costs: 'You need to measure the plant.',
      },
      deep: {
        name: 'Deep: keep the top five leaves',
        gains: 'The buried stem grows the most roots, and leggy plants stay upright.',
        costs: 'Deep soil is cold in spring: five to ten days later.',
      },
      'two-thirds': {
        name: 'Two thirds of the stem',
        gains: 'Simple, and plants root well.',
        costs: 'Too deep for cold or shallow soil.',
      },
      'first-fork': {
        name: 'To the first fork or flower cluster',
        gains: 'Fruit stay clear of the soil, and you bury nothing useful.',
        costs: 'A stocky plant gains little.',
      },
      shallow: {
        name: 'Shallow, as it grew in the pot',
        gains: 'Warm soil, no pause in growth, and the earliest fruit.',
        costs: 'Fewer roots, so the plant dries sooner and leans.',
      },
      trench: {
        name: 'Laid in a trench',
        gains: 'A long stem lies in the warm topsoil.',
        costs: 'A stake can pierce the stem, and the bend can break.',
      },
    },
  },
  spacing: {
    name: 'How far apart',
    changes: 'New plantings and how many fit.',
    ways: {
      standard: {
        name: 'Standard',
        gains: 'Each plant gets light and air, and you can reach it.',
        costs: 'Fewer plants than could fit.',
      },
      tight: {
        name: 'Tight',
        gains: 'The most fruit from the bed, on one or two stems.',
        costs: 'Leaves dry slowly, each plant gives less, and you prune more.',
      },
      roomy: {
        name: 'Roomy',
        gains: 'Leaves dry fast, plants grow large, and you prune little.',
        costs: 'Less fruit from the same bed.',
      },
    },
  },
  flowers: {
    name: 'The first flowers of a young plant',
    changes: 'Cuts on the round and on each plant.',
    ways: {
      'worked-out': {
        name: 'By the season’s length',
        gains: 'You pinch them where the season is long enough to win the days back.',
        costs: 'Depends on dates that may change.',
      },
      pinch: {
        name: 'Always off',
        gains: 'Roots and stems come first, and the crop is larger later.',
        costs: 'The first fruit come a week or two later.',
      },
      leave: { name: 'Always left', gains: 'The earliest fruit.', costs: 'A small plant may stop growing.' },
    },
  },
  feeding: {
    name: 'How to feed',
    changes: 'What the round and the Bench tell you to feed, the planting hole, and the buying list.',
    ways: {
      'by-place': {
        name: 'By the place',
        gains: 'Good ground gets compost, raised beds slow organic feed, and pots a steady liquid feed.',
        costs: 'You use several methods in one garden.',
      },
      'soil-first': {
        name: 'Soil first',
        gains: 'Compost and a soil test: little to buy or to do.',
        costs: 'Improves poor soil only slowly, and does not suit pots.',
      },
      'slow-organic': {
        name: 'Slow organic and a dilute liquid',
        gains: 'An even supply that feeds the soil’s life.',
        costs: 'Releases nothing in cold soil.',
      },
      'steady-liquid': {
        name: 'Steady liquid',
        gains: 'Reliable in pots, where water washes feed out.',
        costs: 'You feed every week, and salt builds up where pots do not drain.',
      },
      'nutrient-solution': {
        name: 'Nutrient solution',
        gains: 'Full control where the mix itself holds no feed.',
        costs: 'You need an EC meter, and cannot miss a day.',
      },
    },
  },
  watering: {
    name: 'When to water',
    changes: 'When the round and the Bench ask for water, and how much.',
    ways: {
      even: {
        name: 'Even, by the water balance',
        gains: 'You water deeply before growth slows: the least rot and cracking.',
        costs: 'You check the soil, or use a timer.',
      },
      'fixed-days': {
        name: 'Fixed days',
        gains: 'Easy to remember and to share.',
        costs: 'Too little in a heat wave, too much after rain.',
      },
      'dry-down': {
        name: 'Dry down once rooted',
        gains: 'Deeper roots, sweeter fruit and fewer cracks.',
        costs: 'Blossom-end rot in prone types. Not for pots.',
      },
      'radiation-shots': {
        name: 'Small shots by the sun',
        gains: 'For inert media with a timer.',
        costs: 'In soil the top stays wet, so roots stay shallow.',
      },
    },
  },
  weave: {
    name: 'How to run twine',
    changes: 'Twine and posts of a twine weave, and the buying list.',
    ways: {
      sectional: {
        name: 'Tie off each bay',
        gains: 'If a string breaks, only one bay gets loose.',
        costs: 'More twine and more knots.',
      },
      continuous: {
        name: 'Run it along the whole row',
        gains: 'Faster, with less twine.',
        costs: 'One break loosens the whole row.',
      },
    },
  },
  frost: {
    name: 'How much frost to risk',
    changes: 'The earliest day to plant out.',
    ways: {
      'two-in-ten': {
        name: '2 years in 10',
        gains: 'Early enough to ripen, and frost seldom catches you.',
        costs: 'You need frost cloth 1 year in 5.',
      },
      'one-in-ten': {
        name: '1 year in 10',
        gains: 'Frost hardly ever touches young plants.',
        costs: 'A few days later every year.',
      },
      'three-in-ten': {
        name: '3 years in 10',
        gains: 'The earliest fruit and a longer season.',
        costs: '1 year in 3 you cover plants, or lose them.',
      },
    },
  },
}
