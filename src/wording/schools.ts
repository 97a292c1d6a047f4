/** Matters in which growers differ and that are chosen planting by planting, or only told: each school's case and cost. */
export const OTHER_SCHOOLS: readonly {
  matter: string
  house: string
  schools: readonly { name: string; gains: string; costs: string }[]
}[] = [
  {
    matter: 'How to train a vine',
    house: 'Chosen for each planting; compared on every plant’s page.',
    schools: [
      {
        name: 'One stem on a string',
        gains: 'Most fruit a square metre, large and early; dry leaves.',
        costs: 'Suckers every week; scald where leaves are few.',
      },
      {
        name: 'Two or three stems',
        gains: 'Fewer plants for the same ground, some shade for the fruit.',
        costs: 'Later and a little smaller fruit than one stem.',
      },
      {
        name: 'Below the first truss only',
        gains: 'An hour a season; leaves shade the fruit.',
        costs: 'A cage or a panel, and leaves that stay wet.',
      },
      {
        name: 'Not at all',
        gains: 'Most fruit a plant where there is room and it is dry.',
        costs: 'A metre and more each; rot on the ground, hard to pick.',
      },
    ],
  },
  {
    matter: 'Cutting a bush tomato',
    house: 'Never its suckers: they are the crop. Only leaves under the first truss, and what is sick.',
    schools: [
      { name: 'Leave it', gains: 'The whole crop at once.', costs: 'Dense and slow to dry.' },
      { name: 'Prune it like a vine', gains: 'Tidy.', costs: 'Most of the crop is cut away.' },
    ],
  },
  {
    matter: 'When to top',
    house: 'By the last useful flower, counted back from the first frost.',
    schools: [
      {
        name: 'By degree-days',
        gains: 'Nothing useful is cut, nothing useless is fed.',
        costs: 'It wants a frost date.',
      },
      {
        name: 'Three to five weeks before frost',
        gains: 'No counting; works where fruit are already set.',
        costs: 'Too late in a cool autumn, too early in a warm one.',
      },
      {
        name: 'Never',
        gains: 'Green fruit for the kitchen.',
        costs: 'Sugar goes into fruit that will not ripen.',
      },
    ],
  },
  {
    matter: 'When to plant out',
    house: 'By nights and soil, not by the calendar.',
    schools: [
      {
        name: 'By temperature',
        gains: 'No check; soon level with what was planted early.',
        costs: 'One waits while neighbours plant.',
      },
      {
        name: 'By a customary date',
        gains: 'Easy to plan.',
        costs: 'Cold soil stalls plants for weeks in one year of several.',
      },
      {
        name: 'Early under cover',
        gains: 'First fruit two weeks sooner.',
        costs: 'Cloth at hand, and a watch over every night.',
      },
    ],
  },
  {
    matter: 'What holds them',
    house: 'Chosen for each planting; all six are worked out side by side on its support page.',
    schools: [
      { name: 'Stake', gains: 'Cheap, airy, easy to move.', costs: 'A tie each {length 0.25}.' },
      { name: 'Cage', gains: 'Set once, little tying.', costs: 'Catches wind like a board; dear, bulky.' },
      {
        name: 'Weave',
        gains: 'Fast along a row of bushes.',
        costs: 'Each string on time, or the row lies down.',
      },
      { name: 'String from above', gains: 'Long vines, best light.', costs: 'A strong frame; lowering.' },
    ],
  },
  {
    matter: 'Picking at the first blush',
    house: 'On the plant in quiet weather; at the breaker stage before rain, heat, frost or pests.',
    schools: [
      { name: 'Ripe on the plant', gains: 'Best flavour.', costs: 'Cracks, birds and rain take some.' },
      {
        name: 'At the breaker stage',
        gains: 'Nothing lost to weather; the plant is relieved.',
        costs: 'A little less flavour.',
      },
    ],
  },
  {
    matter: 'Against blossom-end rot',
    house: 'Even water first; calcium only where a soil test is low.',
    schools: [
      {
        name: 'Even water, no haste of nitrogen',
        gains: 'Works on what comes before the rot.',
        costs: 'It wants looking at every day in pots.',
      },
      {
        name: 'Calcium into the hole',
        gains: 'Right where a test is low: gypsum keeps the pH, lime raises it.',
        costs: 'Nothing gained in most soils.',
      },
      {
        name: 'Epsom salt',
        gains: 'None for rot: it carries magnesium.',
        costs: 'Competes with calcium. Practised, not advised without a test.',
      },
      {
        name: 'Antacids, eggshells, leaf sprays',
        gains: 'Harmless in small amounts.',
        costs: 'Slow if at all; little evidence.',
      },
    ],
  },
  {
    matter: 'Practised, with thin evidence',
    house: 'Told here so that nobody thinks they were forgotten; not advised.',
    schools: [
      {
        name: 'Aspirin spray, castings tea, coffee grounds, peels',
        gains: 'Some growers swear by them.',
        costs: 'Trials show little; the time is real.',
      },
      {
        name: 'Rock phosphate, fish or egg in the hole',
        gains: 'A slow feed.',
        costs: 'Draws animals; most soils hold phosphorus enough.',
      },
      {
        name: 'A feed high in phosphorus at flowering',
        gains: 'Right where a test is low.',
        costs: 'Excess locks zinc and runs off.',
      },
    ],
  },
]
