import {
  PEPPER_FRUITS,
  TOMATO_FRUITS,
  trainingsFor,
  TRAININGS,
  type Cultivar,
  type FruitType,
  type Habit,
  type Training,
} from '../../../core/crop'
import {
  SUPPORTS,
  TYPICAL_CULTIVARS,
  type GardenCultivar,
  type Manner,
  type Place,
  type Support,
} from '../../../core/facts'
import { supportFor, trainingFor } from '../../../core/support'
import { capital, nameOf, trainingName } from '../../../wording/names'
import { UNTOLD } from '../new-planting/untold'
import {
  BEGINNINGS,
  firstSpot,
  NEW,
  newOf,
  typicalOf,
  type Beginning,
  type NewPlaceKind,
  type PlantingValues,
} from '../new-planting/values'
import type { PlantingColumns, PlantingRole } from './columns'

/** A line of a table: its number as one counts, and its cells. */
export interface TableLine {
  line: number
  cells: readonly string[]
}

/** What a table is read against. */
export interface TableGarden {
  manner: Manner
  season: number
  spacingSchool: string
  places: readonly Pick<Place, 'id' | 'name'>[]
  cultivars: readonly GardenCultivar[]
}

const FRUITS: readonly FruitType[] = [...TOMATO_FRUITS, ...PEPPER_FRUITS]

/** Words for a type of fruit, the surest first. */
const FRUIT_WORDS: readonly (readonly [FruitType, RegExp])[] = [
  ['hot-small', /hot.*small|small.*hot|chil[il]/],
  ['hot-large', /hot/],
  ['sweet-long', /sweet|long|horn|frying/],
  ['bell', /bell|block|pepper|paprika|capsicum/],
  ['cherry', /cherry|grape|currant|cocktail/],
  ['beefsteak', /beef|steak|ox/],
  ['paste', /paste|sauce/],
  ['saladette', /salad|plum/],
  ['slicer', /slic|round|standard|tomato/],
]

const HABIT_WORDS: readonly (readonly [Habit, RegExp])[] = [
  ['dwarf', /dwarf/],
  ['semi-determinate', /semi|half/],
  ['indeterminate', /^ind|vine|cordon|tall/],
  ['determinate', /^det|bush/],
]

const KIND_WORDS: readonly (readonly [NewPlaceKind, RegExp])[] = [
  ['container', /pot|tub|bag|bucket|container|box/],
  ['tunnel', /tunnel|house|cover/],
  ['rows', /row|field|line/],
]

const BEGIN_WORDS: readonly (readonly [Beginning, RegExp])[] = [
  ['growing', /grow|already|planted|there/],
  ['bought', /b[ou]+ght|given|gift|young|shop|nursery|plant/],
  ['seed-in-place', /direct|place/],
  ['seed', /seed|sown|indoor/],
]

const wordOf = <Id>(words: readonly (readonly [Id, RegExp])[], text: string): Id | null =>
  words.find(([, pattern]) => pattern.test(text))?.[0] ?? null

const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase()

/** A line as the form of a new planting would be filled in; or what is missing in it, by column. */
export function readRow(
  { cells }: TableLine,
  columns: PlantingColumns,
  { manner, season, spacingSchool, places, cultivars }: TableGarden,
): { values: PlantingValues } | { missing: string } {
  const cell = (role: PlantingRole) => {
    const at = columns[role]
    return at === undefined ? '' : (cells[at] ?? '').trim()
  }
  const word = (role: PlantingRole) => cell(role).toLowerCase()
  if (cell('count') === '') return { missing: 'Enter how many plants.' }
  const what = cultivarIn()
  if ('missing' in what) return what
  const { plant, chosen } = what
  const method = methodIn(plant)
  return {
    values: {
      ...UNTOLD,
      ...chosen,
      ...method,
      begins: wordOf(BEGIN_WORDS, word('begins')) ?? BEGINNINGS[0],
      spots: [spotIn()],
      season: cell('season') || String(season),
      spacingSchool,
      ownInRow: cell('inRow'),
    },
  }

  function spotIn() {
    const name = cell('place')
    const known = name === '' ? undefined : places.find((place) => same(place.name, name))
    const spot = { count: cell('count'), anyway: 'yes' }
    if (known) return { ...firstSpot(known.id, '', manner), ...spot }
    const kind = wordOf(KIND_WORDS, `${word('placeKind')} ${word('place')}`) ?? 'bed'
    const size = firstSpot(newOf(kind), '', manner)
    return {
      ...size,
      ...spot,
      name,
      ...(kind === 'container'
        ? { litres: cell('litres') || size.litres }
        : { length: cell('length') || size.length, width: cell('width') || size.width }),
    }
  }

  function cultivarIn():
    { missing: string } | { plant: Pick<Cultivar, 'crop' | 'habit'>; chosen: Partial<PlantingValues> } {
    const name = cell('cultivar')
    const known = name === '' ? undefined : cultivars.find((own) => same(own.name, name))
    if (known) return { plant: known, chosen: { cultivar: known.id } }
    const fruit =
      FRUITS.find((one) => same(one, cell('fruit')) || same(nameOf(one), cell('fruit'))) ??
      wordOf(FRUIT_WORDS, word('fruit')) ??
      wordOf(FRUIT_WORDS, name.toLowerCase())
    if (!fruit)
      return {
        missing: `${name === '' ? 'Name a cultivar or type' : `“${name}” is new here: say its type of fruit`}, such as cherry, slicer, paste, bell or hot.`,
      }
    const isPepper = (PEPPER_FRUITS as readonly string[]).includes(fruit)
    const habit = isPepper ? null : (wordOf(HABIT_WORDS, word('habit')) ?? 'indeterminate')
    const typical = TYPICAL_CULTIVARS.find((one) => one.fruit === fruit && one.habit === habit)
    const plant = { crop: isPepper ? ('pepper' as const) : ('tomato' as const), habit }
    if (name === '' && typical) return { plant, chosen: { cultivar: typicalOf(typical.key) } }
    return {
      plant,
      chosen: {
        cultivar: NEW,
        cultivarName: name,
        crop: plant.crop,
        habit: habit ?? 'indeterminate',
        fruit,
        daysToMaturity: cell('days'),
        ripeColour: typical?.ripeColour ?? '',
      },
    }
  }

  /** Style and support, each by the other where only one is told. */
  function methodIn(plant: Pick<Cultivar, 'crop' | 'habit'>) {
    const trainings = trainingsFor(plant)
    const told = word('training')
    const style =
      told === ''
        ? null
        : (trainings.find((one) => same(one, told) || same(trainingName(one), told)) ??
          TRAININGS.find((one) => told.includes(one.split('-')[0]!) && trainings.includes(one)) ??
          null)
    const held = supportIn()
    const training: Training = style ?? (held && trainingFor(held, trainings)) ?? trainings[0]!
    return { training, support: held ?? supportFor(training) }
  }

  function supportIn(): Support | null {
    const told = word('support')
    if (told === '') return null
    return (
      SUPPORTS.find((one) => same(one, told) || same(capital(nameOf(one)), told)) ??
      SUPPORTS.find((one) => told.includes(one)) ??
      null
    )
  }
}
