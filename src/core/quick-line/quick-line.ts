import type { IsoDate } from '../calendar'
import type { Crop } from '../crop'
import type { EntryData, EntryKind, EntrySubject } from '../facts'
import type { Product } from '../feeding'
import type { FruitFault } from '../harvest'
import { hallmarkOf, type CauseId } from '../health'
import { parseQuantity, type UnitSystem } from '../quantity'
import { FAULT_WORDS, take } from './amounts'
import { takeDate } from './named-day'
import { longest, named, without } from './names'

/** What a quick line can be about. */
export interface QuickNames {
  /** Places; `area` in m², `flow` of all their emitters in L/h, null where none lie there. */
  places: readonly { id: string; name: string; area: number; flow: number | null }[]
  /** Plantings that are not cleared, with their place; `stands`: in the ground already. */
  plantings: readonly {
    id: string
    placeId: string
    cultivar: string
    crop: Crop
    count: number
    stands: boolean
  }[]
  products: readonly Product[]
  /** Causes of what looks wrong, by what they are called. */
  causes: readonly { id: CauseId; name: string }[]
  units: UnitSystem
  /** The day that a line without a date is of, and the order in which dates are written. */
  today: IsoDate
  dates: 'day-first' | 'month-first' | 'iso'
}

/** A plain line as an entry, with what it was understood to be about. */
export type QuickEntry = {
  [K in EntryKind]: {
    kind: K
    subject: EntrySubject
    data: EntryData[K]
    note: string
    about: string
    /** The day that the line names; null: it names none. */
    on: IsoDate | null
  }
}[EntryKind]

/** Why a line is not understood: and what would be. */
export interface QuickProblem {
  problem:
    | { why: 'no-place' }
    | { why: 'which-planting'; place: string; cultivars: string[] }
    | { why: 'nothing-stands'; place: string }
    | { why: 'amount'; of: 'litres' | 'mass' | 'product'; told: string }
    /** A number whose unit is not known, as in `2 cans`. */
    | { why: 'unit'; of: 'litres' | 'mass'; told: string }
    /** Minutes of a place without emitters. */
    | { why: 'no-flow'; place: string }
    /** So much of a concentrate: mixed with water, or as it comes. */
    | { why: 'mixed'; product: string; told: string }
    | { why: 'ahead'; on: IsoDate }
}

type Verb = 'fed' | 'watered' | 'picked' | 'flowered' | 'scouted' | 'tied' | 'set-out' | 'soil'

/** The words that begin what happened, each with its kind; anything else is a note. */
const VERBS: ReadonlyMap<string, Verb> = new Map([
  ...(['fed', 'feed', 'fertilized', 'fertilised', 'sidedressed', 'side-dressed'] as const).map(
    (word) => [word, 'fed'] as const,
  ),
  ...(['watered', 'water', 'soaked', 'irrigated', 'drip', 'dripped'] as const).map(
    (word) => [word, 'watered'] as const,
  ),
  ...(['picked', 'pick', 'harvested', 'harvest'] as const).map((word) => [word, 'picked'] as const),
  ...(['flowered', 'flowers', 'flowering', 'blooming'] as const).map((word) => [word, 'flowered'] as const),
  ...(['scouted', 'checked', 'inspected'] as const).map((word) => [word, 'scouted'] as const),
  ...(['tied', 'tie'] as const).map((word) => [word, 'tied'] as const),
  ...(['planted', 'transplanted'] as const).map((word) => [word, 'set-out'] as const),
  ['soil', 'soil'] as const,
])
/** What growers say for short. */
const SHORT_NAMES: ReadonlyMap<string, CauseId> = new Map([['ber', 'blossom-end-rot']])
/** A trouble that is said not to be there. */
const NEGATION = /\b(no|not|none|without|free of|zero|never)\b/i
const LONGEST = 200

/**
 * Reads a plain line such as `bed 2 fed fish 1:50 6 l`, `pot 3 picked 1.2kg 3 cracked` or `row B hornworm 2`.
 *
 * A line may name its day (`yesterday`, `Monday`, `20 May`), give water as minutes of the place's emitters or as mm over
 * it, and amounts for each plant. What could be meant in two ways is asked, never guessed.
 *
 * @returns the entry that it stands for, or what is missing; of a line of which only the place is understood, a note
 */
export function readQuickLine(text: string, names: QuickNames): QuickEntry | QuickProblem {
  const line = text
    .slice(0, LONGEST)
    .trim()
    .replaceAll(/[,;]+(?=\s|$)/g, '')
    .replaceAll(/\s+/g, ' ')
  const found = placeIn(line.replaceAll(/\bset out\b/gi, 'planted'), names)
  if (!found) return { problem: { why: 'no-place' } }
  // The place goes first: `bed 1 may have …` names no day.
  const dated = takeDate(found.rest.split(' ').filter(Boolean), names)
  if (dated.on !== null && dated.on > names.today) return { problem: { why: 'ahead', on: dated.on } }
  const read = readRest(found.place, dated.left.join(' '), dated.left, names)
  return 'problem' in read ? read : ({ ...read, on: dated.on } as QuickEntry)
}

type Undated = Omit<QuickEntry, 'on'>
type QuickPlace = QuickNames['places'][number]

/** The place that a line is about: by its name, by its name written in one, or as the only one of a named cultivar. */
function placeIn(line: string, names: QuickNames): { place: QuickPlace; rest: string } | null {
  const place = longest(names.places, line)
  if (place) return { place, rest: without(line, place.name) }
  const inOne = names.places.find(
    ({ name }) => named(name.replaceAll(' ', '')).test(line) && name.includes(' '),
  )
  if (inOne) return { place: inOne, rest: without(line, inOne.name.replaceAll(' ', '')) }
  const growing = names.plantings.map((one) => ({ ...one, name: one.cultivar }))
  const cultivar = longest(growing, line)
  if (!cultivar) return null
  const alike = growing.filter(({ name }) => name === cultivar.name)
  const own = names.places.find(({ id }) => id === cultivar.placeId)
  return own && alike.length === 1 ? { place: own, rest: line } : null
}

function readRest(
  place: QuickPlace,
  rest: string,
  words: readonly string[],
  names: QuickNames,
): Undated | QuickProblem {
  const at = words.findIndex((word) => VERBS.has(word.toLowerCase()))
  const verb = at < 0 ? null : VERBS.get(words[at]!.toLowerCase())!
  const others = words.filter((_, index) => index !== at)
  const ofPlace = { subject: { type: 'place' as const, id: place.id }, about: place.name, note: '' }
  switch (verb) {
    case null:
      return (
        (NEGATION.test(rest) ? null : noticed(place, rest, names)) ?? {
          kind: 'note',
          data: {},
          ...ofPlace,
          note: rest,
        }
      )
    case 'scouted':
      return { kind: 'tended', data: { works: ['scout'] }, ...ofPlace, note: noteOf(others) }
    case 'soil': {
      const read = take(others, 'temperature', names.units)
      return read.value === null || read.value < -30 || read.value > 60
        ? { kind: 'note', data: {}, ...ofPlace, note: rest }
        : {
            kind: 'soil-read',
            data: { depth: PROBE_DEPTH, temperature: read.value },
            ...ofPlace,
            note: noteOf(read.left),
          }
    }
    case 'watered':
      return watered(place, others, names, ofPlace)
    case 'fed':
      return fed(others, names, ofPlace, plantsIn(place, others, names))
    case 'set-out':
    case 'picked':
    case 'flowered':
    case 'tied': {
      const planting = plantingIn(place, others, names, verb !== 'set-out')
      if ('problem' in planting) return planting
      const ofPlanting = {
        subject: { type: 'planting' as const, id: planting.id },
        about: `${place.name}, ${planting.cultivar}`,
      }
      const left = planting.left
      if (verb === 'flowered') return { kind: 'flowered', data: {}, ...ofPlanting, note: noteOf(left) }
      if (verb === 'tied')
        return { kind: 'tended', data: { works: ['tie'] }, ...ofPlanting, note: noteOf(left) }
      if (verb === 'set-out') return setOut(planting.count, left, ofPlanting)
      return picked(left, names.units, ofPlanting)
    }
  }
}

/** A thermometer is read at the roots' depth, m, where a line does not say otherwise. */
const PROBE_DEPTH = 0.15

/** Planted as it grew: how deep it really went is told on planting day. */
function setOut(planned: number, words: readonly string[], about: About): Undated {
  const at = words.findIndex((word) => /^\d{1,4}$/.test(word))
  return {
    kind: 'set-out',
    data: {
      count: at < 0 ? planned : Math.max(1, Number(words[at])),
      method: 'upright',
      school: 'by-hand',
      stemBuried: 0,
      holeDepth: 0,
      leavesStripped: 0,
    },
    ...about,
    note: noteOf(words.filter((_, index) => index !== at)),
  }
}

/** Water as litres, as a depth over the place, or as minutes of its emitters; `each` of its plants where a line says so. */
function watered(
  place: QuickPlace,
  words: readonly string[],
  names: QuickNames,
  about: About,
): Undated | QuickProblem {
  const { each, left: rest } = takeEach(words)
  const plants = each ? plantsIn(place, rest, names) : 1
  const made = (litres: number, left: readonly string[]): Undated | QuickProblem =>
    litres > 0
      ? { kind: 'watered', data: { litres: litres * plants }, ...about, note: noteOf(left) }
      : { problem: { why: 'amount', of: 'litres', told: words.join(' ') } }
  const minutes = take(rest, 'duration', names.units)
  if (minutes.value !== null && minutes.hasUnit) {
    if (place.flow === null) return { problem: { why: 'no-flow', place: place.name } }
    return made((minutes.value / 3600) * place.flow, minutes.left)
  }
  const depth = take(rest, 'length', names.units)
  if (depth.value !== null && depth.hasUnit) return made(depth.value * 1000 * place.area, depth.left)
  const volume = take(rest, 'volume', names.units)
  if (volume.unknown !== null) return { problem: { why: 'unit', of: 'litres', told: volume.unknown } }
  return volume.value === null
    ? { problem: { why: 'amount', of: 'litres', told: rest.join(' ') } }
    : made(volume.value, volume.left)
}

/** Whether an amount is meant for each plant: `per plant`, `a plant`, `each`. */
function takeEach(words: readonly string[]): { each: boolean; left: string[] } {
  const text = words.join(' ')
  const left = text
    .replace(/\b(?:(?:per|each|every|a)\s+plant|each)\b/i, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()
  return { each: left !== text.trim(), left: left.split(' ').filter(Boolean) }
}

/** Plants of a place that stand there, or of the planting that is named. */
function plantsIn(place: QuickPlace, words: readonly string[], { plantings }: QuickNames): number {
  const here = plantings.filter(({ placeId, stands }) => placeId === place.id && stands)
  const own = longest(
    here.map((one) => ({ ...one, name: one.cultivar })),
    words.join(' '),
  )
  return Math.max(1, own ? own.count : here.reduce((sum, { count }) => sum + count, 0))
}

const FILLERS = new Set(['from', 'with', 'of', 'in', 'and', 'at'])

/** What is left of a line, without the small words at its ends that held the rest together. */
function noteOf(words: readonly string[]): string {
  const isFiller = (word: string | undefined) => word !== undefined && FILLERS.has(word.toLowerCase())
  let [from, to] = [0, words.length]
  while (from < to && isFiller(words[from])) from++
  while (to > from && isFiller(words[to - 1])) to--
  return words.slice(from, to).join(' ')
}

type About = Pick<QuickEntry, 'subject' | 'about'>

/** † L of a liquid feed over which it can only be meant mixed with water, or asked about. */
const MOST_CONCENTRATE = 0.5

function fed(
  words: readonly string[],
  { products, units }: QuickNames,
  about: About,
  plants: number,
): Undated | QuickProblem {
  const told = words.join(' ')
  const product = longest(products, told) ?? startingWith(products, words)
  if (!product) return { problem: { why: 'amount', of: 'product', told } }
  const own = product.name.toLowerCase().split(/\W+/)
  const named = words.filter(
    (word) => !own.includes(word.toLowerCase()) && !FEED_WORDS.has(word.toLowerCase()),
  )
  const { each, left: plain } = takeEach(named)
  const times = each ? plants : 1
  const ratio = plain.map((word) => /^1:(\d{1,5})$/.exec(word)).find((match) => match !== null)
  const rest = plain.filter((word) => !/^1:\d{1,5}$/.test(word))
  const { n, p2o5, k2o, release, releaseDays, nitrogen, liquid, bulkDensity, name } = product
  const made = (grams: number, left: readonly string[]): Undated => ({
    kind: 'fed',
    data: {
      name,
      grams: grams * times,
      n,
      p2o5,
      k2o,
      release,
      nitrogen,
      ...(releaseDays === null ? {} : { days: releaseDays }),
    },
    ...about,
    note: noteOf(left),
  })
  const missing = (of: 'litres' | 'mass'): QuickProblem => ({
    problem: { why: 'amount', of, told: rest.join(' ') },
  })
  if (ratio) {
    const { value, left, unknown } = take(rest, 'volume', units)
    if (unknown !== null) return { problem: { why: 'unit', of: 'litres', told: unknown } }
    const parts = Number(ratio[1])
    return value === null || value <= 0 || parts === 0
      ? missing('litres')
      : made((value / parts) * 1000 * bulkDensity, left)
  }
  const dose = /^(.*?)\s+(?:per|to the|a|an)\s+(litre|liter|l|gallon|gal|quart|qt)\b(.*)$/i.exec(
    rest.join(' '),
  )
  if (dose) {
    const [, before, unit, after] = dose as unknown as [string, string, string, string]
    const mixed = take(after.split(' ').filter(Boolean), 'volume', units)
    const each = parseQuantity(`1 ${unit}`, 'volume', units)
    const grams = gramsOf(before.split(' ').filter(Boolean), units, bulkDensity)
    if (grams.value === null || mixed.value === null || 'error' in each) return missing('litres')
    return made((grams.value * mixed.value) / each.value, [...grams.left, ...mixed.left])
  }
  const { value, left, unknown, litres } = gramsOf(rest, units, bulkDensity)
  if (unknown !== null) return { problem: { why: 'unit', of: liquid ? 'litres' : 'mass', told: unknown } }
  if (value === null || value <= 0) return missing(liquid ? 'litres' : 'mass')
  if (liquid && litres !== null && litres > MOST_CONCENTRATE)
    return { problem: { why: 'mixed', product: name, told: rest.join(' ') } }
  return made(value, left)
}

/** Words that go with a feed and say nothing of it. */
const FEED_WORDS = new Set(['emulsion', 'fertilizer', 'fertiliser', 'feed'])

/** An amount of a feed by weight or by volume, g; the litres where it was a volume. */
function gramsOf(
  words: readonly string[],
  units: UnitSystem,
  bulkDensity: number,
): { value: number | null; left: string[]; unknown: string | null; litres: number | null } {
  const mass = take(words, 'mass', units, 'g')
  if (mass.value !== null) return { ...mass, value: mass.value * 1000, litres: null }
  const volume = take(words, 'volume', units)
  if (volume.value === null) return { ...volume, unknown: volume.unknown ?? mass.unknown, litres: null }
  return { ...volume, value: volume.value * 1000 * bulkDensity, litres: volume.value }
}

/** A trouble that is named: the start of a case, with the sign that it is known by; null: none is named. */
function noticed(place: { id: string; name: string }, text: string, names: QuickNames): Undated | null {
  const cause = longest(
    [
      ...names.causes.flatMap(({ id, name }) =>
        [name, name.replace(/(?:e?s)$/, ''), `${name}s`, name.replace(/y$/, 'ies')].map((one) => ({
          id,
          name: one,
        })),
      ),
      ...[...SHORT_NAMES].map(([name, id]) => ({ id, name })),
    ],
    text,
  )
  if (!cause) return null
  const words = without(text, cause.name).split(' ').filter(Boolean)
  const planting = plantingIn(place, words, names, true)
  const about: About =
    'problem' in planting
      ? { subject: { type: 'place', id: place.id }, about: place.name }
      : {
          subject: { type: 'planting', id: planting.id },
          about: `${place.name}, ${planting.cultivar}`,
        }
  return {
    kind: 'noticed',
    data: { signs: [hallmarkOf(cause.id)], cause: cause.id },
    ...about,
    note: noteOf('problem' in planting ? words : planting.left),
  }
}

function picked(words: readonly string[], units: UnitSystem, about: About): Undated | QuickProblem {
  const { value, left, unknown } = take(words, 'mass', units)
  if (unknown !== null) return { problem: { why: 'unit', of: 'mass', told: unknown } }
  if (value === null || value <= 0) return { problem: { why: 'amount', of: 'mass', told: words.join(' ') } }
  const faults: Partial<Record<FruitFault, number>> = {}
  const note: string[] = []
  let count: number | null = null
  for (let index = 0; index < left.length; index++) {
    const [word, next] = [left[index]!, left[index + 1]?.toLowerCase() ?? '']
    const number = /^\d{1,5}$/.test(word) ? Number(word) : null
    const fault = FAULT_WORDS.get(next)
    if (number !== null && fault) faults[fault] = (faults[fault] ?? 0) + number
    else if (number !== null && (next === 'fruit' || next === 'fruits')) count = number
    else {
      note.push(word)
      continue
    }
    index++
  }
  return {
    kind: 'picked',
    data: { mass: value, count, ...(Object.keys(faults).length > 0 ? { faults } : {}) },
    ...about,
    note: noteOf(note),
  }
}

/** The planting of a place that is meant: the only one, or the one whose cultivar is named. */
function plantingIn(
  place: { id: string; name: string },
  words: readonly string[],
  { plantings }: QuickNames,
  mustStand: boolean,
): { id: string; cultivar: string; count: number; left: string[] } | QuickProblem {
  const here = plantings.filter(({ placeId, stands }) => placeId === place.id && stands === mustStand)
  if (here.length === 0) return { problem: { why: 'nothing-stands', place: place.name } }
  const text = words.join(' ')
  const named = longest(
    here.map((one) => ({ ...one, name: one.cultivar })),
    text,
  )
  const own = named ?? (here.length === 1 ? here[0]! : null)
  if (!own)
    return {
      problem: {
        why: 'which-planting',
        place: place.name,
        cultivars: here.map(({ cultivar }) => cultivar),
      },
    }
  const left = named ? without(text, own.cultivar) : text
  return { id: own.id, cultivar: own.cultivar, count: own.count, left: left.split(' ').filter(Boolean) }
}

/** A product of which the first word of the name is written. */
const startingWith = (products: readonly Product[], words: readonly string[]): Product | null =>
  products.find(({ name }) =>
    words.some((word) => word.length > 2 && name.toLowerCase().startsWith(word.toLowerCase())),
  ) ?? null
