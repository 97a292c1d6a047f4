/** What each working of the Almanac is called, in the order of the season. */
export const WORKING_NAMES = {
  'degree-days': 'Degree-days',
  frost: 'Frost dates',
  'soil-temperature': 'Soil temperature',
  window: 'When it is warm enough to plant out',
  sowing: 'Sowing, seeds and hardening off',
  depth: 'Planting depth',
  spacing: 'How far apart, and how many fit',
  rotation: 'Rest from the tomato family',
  pot: 'Pots and their weight',
  wind: 'Wind, posts and strings',
  growth: 'How a plant grows',
  pruning: 'What to cut',
  tying: 'Ties, strings and lowering',
  topping: 'The last useful flower',
  evapotranspiration: 'Reference evapotranspiration',
  water: 'Water in the root zone',
  evenness: 'Uneven water: rot and cracks',
  ledger: 'The nutrient ledger',
  blend: 'Blends, dilutions and injectors',
  'soil-test': 'A soil test and salt',
  set: 'Fruit set',
  cover: 'Under cover and shade',
  blight: 'Blight weather',
  diagnosis: 'What it is likely to be',
  ripe: 'Ripeness and the harvest to come',
  times: 'Working times',
} as const

export type WorkingId = keyof typeof WORKING_NAMES
export const WORKING_IDS = Object.keys(WORKING_NAMES) as WorkingId[]
