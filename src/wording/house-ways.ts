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
        gains: 'By the plant, the soil’s warmth by depth and the days the season has to spare.',
        costs: 'It wants the plant measured.',
      },
      deep: {
        name: 'Deep: keep the top five leaves',
        gains: 'Most roots along the buried stem; leggy plants stand.',
        costs: 'Cold below in spring; five to ten days later.',
      },
      'two-thirds': {
        name: 'Two thirds of the stem',
        gains: 'Simple, and rooted well.',
        costs: 'Too deep in cold or shallow soil.',
      },
      'first-fork': {
        name: 'To the first fork or truss',
        gains: 'Fruit clear of the soil, nothing useful buried.',
        costs: 'Little gained on a stocky plant.',
      },
      shallow: {
        name: 'Shallow, as it stood',
        gains: 'Warm soil, no check, earliest fruit.',
        costs: 'Fewer roots, it dries sooner and leans.',
      },
      trench: {
        name: 'Laid in a trench',
        gains: 'A long stem in the warm top soil.',
        costs: 'A stake can pierce it; the bend can break.',
      },
    },
  },
  spacing: {
    name: 'How far apart',
    changes: 'New plantings and how many fit.',
    ways: {
      standard: {
        name: 'Standard',
        gains: 'Light and air for each plant, room to reach.',
        costs: 'Fewer plants than fit.',
      },
      tight: {
        name: 'Tight',
        gains: 'Most fruit from the ground, on one or two stems.',
        costs: 'Leaves dry slowly; each plant bears less; more pruning.',
      },
      roomy: {
        name: 'Roomy',
        gains: 'Dry leaves, large plants, little pruning.',
        costs: 'Less from the same ground.',
      },
    },
  },
  flowers: {
    name: 'The first flowers of a young plant',
    changes: 'Cuts on the round and on each plant.',
    ways: {
      'worked-out': {
        name: 'By the season’s length',
        gains: 'Off where the season is long enough to pay the days back.',
        costs: 'It hangs on dates that can shift.',
      },
      pinch: {
        name: 'Always off',
        gains: 'Roots and frame first; larger crop later.',
        costs: 'First fruit a week or two later.',
      },
      leave: { name: 'Always left', gains: 'The earliest fruit.', costs: 'A small plant may stall on it.' },
    },
  },
  feeding: {
    name: 'How to feed',
    changes: 'What the round and the Bench ask to be fed, the hole, and the buying list.',
    ways: {
      'by-place': {
        name: 'By the place',
        gains: 'Good ground by soil first, raised beds slow and organic, pots by steady liquid.',
        costs: 'Several ways in one garden.',
      },
      'soil-first': {
        name: 'Soil first',
        gains: 'Compost and a test; little to buy or to do.',
        costs: 'Slow to mend poor ground; not for pots.',
      },
      'slow-organic': {
        name: 'Slow organic and a dilute liquid',
        gains: 'Even supply, feeds the soil’s life.',
        costs: 'Cold soil releases nothing.',
      },
      'steady-liquid': {
        name: 'Steady liquid',
        gains: 'Sure in pots, which leach.',
        costs: 'Every week counts; salt builds up without drainage.',
      },
      'nutrient-solution': {
        name: 'Nutrient solution',
        gains: 'Full control in inert media.',
        costs: 'A meter, and no day forgotten.',
      },
    },
  },
  watering: {
    name: 'When to water',
    changes: 'When the round and the Bench ask for water, and how much.',
    ways: {
      even: {
        name: 'Even, by the balance',
        gains: 'Deep, before growth slows: least rot and cracking.',
        costs: 'It wants looking at, or a timer.',
      },
      'fixed-days': {
        name: 'Fixed days',
        gains: 'Easy to keep to and to share.',
        costs: 'Wrong in a heat wave and after rain.',
      },
      'dry-down': {
        name: 'Dry-down once rooted',
        gains: 'Deep roots, sweeter fruit, fewer cracks.',
        costs: 'End rot in prone types; not in pots.',
      },
      'radiation-shots': {
        name: 'Small shots by the sun',
        gains: 'For inert media with a timer.',
        costs: 'In soil the top stays wet, roots shallow.',
      },
    },
  },
  weave: {
    name: 'How to run a weave',
    changes: 'Twine and posts of weaves, and the buying list.',
    ways: {
      sectional: {
        name: 'Each bay tied off',
        gains: 'A cut string loosens one bay only.',
        costs: 'More twine and knots.',
      },
      continuous: {
        name: 'Along the whole row',
        gains: 'Fast, less twine.',
        costs: 'One break slackens the row.',
      },
    },
  },
  frost: {
    name: 'How much frost to risk',
    changes: 'The earliest day to plant out.',
    ways: {
      'two-in-ten': {
        name: 'Two seasons in ten',
        gains: 'Early enough to ripen, and seldom caught.',
        costs: 'Cloth at hand in one spring of five.',
      },
      'one-in-ten': {
        name: 'One season in ten',
        gains: 'Hardly ever a frost on young plants.',
        costs: 'Some days later every year.',
      },
      'three-in-ten': {
        name: 'Three seasons in ten',
        gains: 'The earliest fruit, and a longer season.',
        costs: 'In one spring of three plants are covered or lost.',
      },
    },
  },
}
