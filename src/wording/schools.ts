/** Matters in which growers differ and that are chosen planting by planting, or only told: each school's case and cost. */
export const OTHER_SCHOOLS: readonly {
  matter: string
  house: string
  schools: readonly { name: string; gains: string; costs: string }[]
}[] = [
  {
    matter: 'How to train a vine',
    house: 'You choose for each planting; every plant’s page compares them.',
    schools: [
      {
        name: 'One stem on a string',
        gains: 'The most fruit from the ground, large and early, and leaves that dry fast.',
        costs: 'You pinch suckers every week, and fruit scald where leaves are few.',
      },
      {
        name: 'Two or three stems',
        gains: 'You need fewer plants for the same ground, and leaves shade the fruit.',
        costs: 'Fruit come later and a little smaller than on one stem.',
      },
      {
        name: 'Below the first flower cluster only',
        gains: 'It takes an hour per season, and leaves shade the fruit.',
        costs: 'You need a cage or a panel, and leaves stay wet longer.',
      },
      {
        name: 'Not at all',
        gains: 'Each plant gives the most fruit, where there is room and it is dry.',
        costs: 'Each needs {length 1} or more; fruit rot on the ground and are hard to pick.',
      },
    ],
  },
  {
    matter: 'Cutting a bush tomato',
    house:
      'We leave its suckers, which carry the crop. Remove only leaves below the first flower cluster, and what is sick.',
    schools: [
      {
        name: 'Leave it',
        gains: 'You get the whole crop at once.',
        costs: 'The plant is dense and dries slowly.',
      },
      {
        name: 'Prune it like a vine',
        gains: 'The plant looks tidy.',
        costs: 'You cut away most of the crop.',
      },
    ],
  },
  {
    matter: 'When to top',
    house: 'We cut above the last flower that can still ripen, counting back from the first frost.',
    schools: [
      {
        name: 'By warmth (growing degree-days)',
        gains: 'You cut nothing useful, and feed no flower that comes too late.',
        costs: 'You need a frost date.',
      },
      {
        name: 'Three to five weeks before frost',
        gains: 'You count nothing, and it works once fruit have set.',
        costs: 'It is too late in a cool fall, and too early in a warm one.',
      },
      {
        name: 'Never',
        gains: 'You get green fruit for the kitchen.',
        costs: 'Sugar goes into fruit that will never ripen.',
      },
    ],
  },
  {
    matter: 'When to plant out',
    house: 'We go by nights and soil, not by the calendar.',
    schools: [
      {
        name: 'By temperature',
        gains: 'Plants grow on without a stop, and soon catch up with earlier ones.',
        costs: 'You wait while your neighbors plant.',
      },
      {
        name: 'By a customary date',
        gains: 'It is easy to plan.',
        costs: 'In some years cold soil stalls plants for weeks.',
      },
      {
        name: 'Early under cover',
        gains: 'You pick two weeks sooner.',
        costs: 'You keep frost cloth ready and watch every night.',
      },
    ],
  },
  {
    matter: 'How to support them',
    house: 'You choose for each planting; its support page compares all six side by side.',
    schools: [
      {
        name: 'Stake',
        gains: 'Stakes are cheap, airy and easy to move.',
        costs: 'You tie the stem every {length 0.25}.',
      },
      {
        name: 'Cage',
        gains: 'You set it once and tie little.',
        costs: 'It catches the wind like a board, costs more, and takes room to store.',
      },
      {
        name: 'Twine weave',
        gains: 'It is fast along a row of bush plants.',
        costs: 'If one string is late, the row falls over.',
      },
      {
        name: 'String from above',
        gains: 'Long vines get the best light.',
        costs: 'You need a strong frame, and lower the vines later.',
      },
    ],
  },
  {
    matter: 'When to pick',
    house:
      'We ripen fruit on the plant in quiet weather, and pick at first color before rain, heat, frost or pests.',
    schools: [
      {
        name: 'Ripe on the plant',
        gains: 'The best flavor.',
        costs: 'You lose some to cracks, birds and rain.',
      },
      {
        name: 'At first color (breaker stage)',
        gains: 'You lose nothing to weather, and the plant carries less.',
        costs: 'A little less flavor.',
      },
    ],
  },
  {
    matter: 'Against blossom-end rot',
    house: 'We water evenly first, and add calcium only where a soil test is low.',
    schools: [
      {
        name: 'Even water, and nitrogen in small amounts',
        gains: 'It works on what leads to the rot.',
        costs: 'You check pots every day.',
      },
      {
        name: 'Calcium in the planting hole',
        gains: 'It helps where a test is low. Gypsum keeps the pH; lime raises it.',
        costs: 'In most soils you gain nothing.',
      },
      {
        name: 'Epsom salt',
        gains: 'None for rot, because it holds magnesium.',
        costs: 'It competes with calcium. Many use it, but do not without a test.',
      },
      {
        name: 'Antacids, eggshells, leaf sprays',
        gains: 'They do no harm in small amounts.',
        costs: 'They work slowly, if at all.',
      },
    ],
  },
  {
    matter: 'Popular, with little evidence',
    house: 'We list these so that you know they were not forgotten. We do not advise them.',
    schools: [
      {
        name: 'Aspirin spray, castings tea, coffee grounds, peels',
        gains: 'Some growers swear by them.',
        costs: 'Trials show little, and they take time.',
      },
      {
        name: 'Rock phosphate, fish or egg in the hole',
        gains: 'They feed slowly.',
        costs: 'They attract animals, and most soils hold enough phosphorus.',
      },
      {
        name: 'A feed high in phosphorus at flowering',
        gains: 'It helps where a test is low.',
        costs: 'Too much locks up zinc and washes into streams.',
      },
    ],
  },
]
