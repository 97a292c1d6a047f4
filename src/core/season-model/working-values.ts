import type { FruitType, Habit, Training } from '../crop'

/**
 * What light comes to: g of dry matter a MJ of PAR that is taken, PAR of solar, extinction, dry share of fruit
 * [extinction Heuvelink 1996, PAR half of solar; the rest scaled to the first estimate].
 */
export const LIGHT_USE = {
  dryMatter: 2.2,
  par: 0.5,
  extinction: 0.7,
  dryShare: { tomato: 0.055, pepper: 0.07 },
} as const
/**
 * † Fruit grow up to this share of their usual mass where few share the light. Against: nothing measured yet.
 */
export const LARGEST = 1.4

/** Working values of the season model, each with what it is held against. */
export const MODEL = {
  /** † m² of leaf over m² of ground above which shoots grow no more. Against: leaf area index of unpruned rows. */
  mostLeaf: 4,
  /** † Growth is whole between these means, °C, and nothing at the outer ones. Against: usual growing warmth. */
  warmth: { none: 5, from: 16, to: 28, noneAgain: 42 },
  /** † Of a grown plant's leaf, that of the tray's. Against: leaf of a usual transplant, 0.05 m². */
  trayLeaf: 0.45,
  /** † g of dry matter that a node's leaf, stem and roots ask for, for each m² of its grown leaf. Against: leaf mass 50 g/m², and as much again for stem and roots. */
  node: 90,
  /** † Days over which a plant feels how well it is supplied. Against: nothing measured yet. */
  eases: 6,
  /** † Power of how well it is supplied with which flowers set. Against: fruit of about their type's mass on a usual plant. */
  setFeels: 3,
  /** † °C that a cloth which kept all sun off would take from bare fruit. Against: fruit in full sun up to 10 °C over the air. */
  shadeCools: 10,
  /** † Share of the need for water that all of the sun's heat is, the rest being dry air's. Against: FAO-56 at 30–40 % shade. */
  shadeSaves: 0.7,
  /** † Share of flowers that set in still air unshaken. Against: unshaken houses. */
  unshaken: 0.5,
  /** † Under so many fruit a truss has failed. Against: nothing measured yet. */
  leastSet: 0.25,
} as const

/** † Stems beside the main one that each way leaves. Against: stems of pruned and unpruned plants. */
export const SHOOTS: Record<Training, number> = {
  'single-stem': 0,
  'two-stems': 1,
  'three-stems': 2,
  cage: 4,
  weave: 5,
  sprawling: 6,
  bush: 5,
  pepper: 5,
  'pepper-open': 2,
}

/** † What a garden reaches of what light could fill, by habit, training and fruit. Against: first estimates of a caged plant's crop. */
export const REACHED: {
  habit: Record<Habit, number>
  training: Partial<Record<Training, number>>
  fruit: Record<FruitType, number>
} = {
  habit: { indeterminate: 1, determinate: 0.911, 'semi-determinate': 0.773, dwarf: 0.478 },
  training: { 'single-stem': 0.84, sprawling: 0.79 },
  fruit: {
    cherry: 0.237,
    saladette: 0.299,
    slicer: 0.31,
    beefsteak: 0.277,
    paste: 0.345,
    bell: 0.478,
    'sweet-long': 0.583,
    'hot-small': 0.194,
    'hot-large': 0.579,
  },
}

/** † Nitrogen. Against: g of N a kg of fruit, and 40–60 kg/ha in spring ground. */
export const NITROGEN = {
  /** g in a g of dry matter of a plant that has enough. */
  tomato: 0.028,
  pepper: 0.032,
  /** g/m² in the ground at the season's start. */
  inSpring: 4,
  /** Share of the pool that roots can take in a day. */
  reach: 0.12,
  /** N of what it wants under which growth falls, and at which it stops. */
  enough: 0.85,
  starved: 0.25,
  /** g/m² from which leaf runs ahead of fruit, and at which it does so most. */
  glut: 20,
  glutMost: 45,
  /** At the most: leaf more, set less. */
  glutLeaf: 0.4,
  glutSet: 0.15,
} as const

/** † Losses of fruit. Against: evidence of watering and support, labels of the ledger. */
export const LOSSES = {
  /** Share of a fruit of the most prone type, a day at wilting in its fifth to twentieth day. */
  rot: 0.08,
  rotMost: 0.7,
  rotOfGlut: 0.1,
  /** Share of colouring fruit that a soaking after thirst cracks. */
  cracks: 0.08,
  /** Share a day of a bare fruit, for each °C over 32. */
  scald: 0.012,
  /** Of fruit on the soil: when dry, and when it is always wet. */
  onGround: 0.15,
  onWetGround: 0.95,
  /** Of a bush that is not held up, half lie. */
  bushLies: 0.35,
} as const

/** † Disease of leaves. Against: half the leaf by early September in a humid climate unmulched and unpruned, a fifth mulched and skirted. */
export const DISEASE = {
  /** Share of leaf that a severity value splashes from the soil, and that the sick infect further. */
  splash: 0.0002,
  spreads: 0.135,
  mulched: 0.5,
  /** m of clear stem that halves the splash. */
  clear: 0.25,
  overhead: 2,
  dense: 0.25,
  /** Late blight: a day of its weather, from the air and from plant to plant; high temperatures, °C, from which it spreads less, and not at all. */
  blightHeat: { from: 24, stops: 31 },
  blight: 0.00015,
  blightSpreads: 0.5,
  resistant: { hybrid: 0.8, 'open-pollinated': 1, heirloom: 1.15 },
} as const

/** °C under which a plant dies. */
export const FROST_KILLS = -0.5

/** Tables of working values that stand alone, each a number or a few. */
const VARIED = { MODEL, NITROGEN, LOSSES, DISEASE } as const

/** Every working value that is a single number, as `LOSSES.rot`. */
export const SINGLE_VALUES: readonly string[] = Object.entries(VARIED).flatMap(([table, values]) =>
  Object.entries(values)
    .filter(([, value]) => typeof value === 'number')
    .map(([name]) => `${table}.${name}`),
)

/**
 * Does something with one working value so many times what it is taken for, and takes it back. What was remembered of a
 * plan was worked out with the values as they were then: give it new plans.
 *
 * @param value as in {@link SINGLE_VALUES}
 * @throws RangeError when there is no such value
 */
export function withValue<Result>(value: string, factor: number, work: () => Result): Result {
  if (!SINGLE_VALUES.includes(value)) throw new RangeError(`value must be one of the model's, not ${value}`)
  const [table, name] = value.split('.') as [keyof typeof VARIED, string]
  const values = VARIED[table] as Record<string, unknown>
  const taken = values[name] as number
  values[name] = taken * factor
  try {
    return work()
  } finally {
    values[name] = taken
  }
}
