import type { Crop } from '../crop'
import type { EntryData, EntryKind, EntrySubject } from '../facts'
import type { Product } from '../feeding'
import { FRUIT_FAULTS, type FruitFault } from '../harvest'
import { hallmarkOf, type CauseId } from '../health'
import { parseQuantity, type QuantityKind, type UnitSystem } from '../quantity'

/** What a quick line can be about. */
export interface QuickNames {
  places: readonly { id: string; name: string }[]
  /** Plantings that stand, with their place. */
  plantings: readonly { id: string; placeId: string; cultivar: string; crop: Crop }[]
  products: readonly Product[]
  /** Causes of what looks wrong, by what they are called. */
  causes: readonly { id: CauseId; name: string }[]
  units: UnitSystem
}

/** A plain line as an entry, with what it was understood to be about. */
export type QuickEntry = {
  [K in EntryKind]: {
    kind: K
    subject: EntrySubject
    data: EntryData[K]
    note: string
    about: string
  }
}[EntryKind]

/** Why a line is not understood: and what would be. */
export interface QuickProblem {
  problem:
    | { why: 'no-place' }
    | { why: 'which-planting'; place: string; cultivars: string[] }
    | { why: 'nothing-stands'; place: string }
    | { why: 'amount'; of: 'litres' | 'mass' | 'product'; told: string }
}

/** The words that begin what happened, each with its kind; anything else is a note. */
const VERBS: Record<string, 'fed' | 'watered' | 'picked' | 'flowered' | 'scouted' | 'tied'> = {
  fed: 'fed',
  feed: 'fed',
  watered: 'watered',
  water: 'watered',
  picked: 'picked',
  pick: 'picked',
  flowered: 'flowered',
  flowers: 'flowered',
  scouted: 'scouted',
  checked: 'scouted',
  tied: 'tied',
  tie: 'tied',
}
const FAULT_WORDS: Record<string, FruitFault> = {
  ...(Object.fromEntries(FRUIT_FAULTS.map((fault) => [fault, fault])) as Record<FruitFault, FruitFault>),
  split: 'cracked',
  rot: 'rotten',
  ber: 'rotten',
  catface: 'misshapen',
  bitten: 'eaten',
}
const LONGEST = 200

/**
 * Reads a plain line such as `bed 2 fed fish 1:50 6 l`, `pot 3 picked 1.2kg 3 cracked` or `row B hornworm 2`.
 *
 * @returns the entry that it stands for, or what is missing; of a line of which only the place is understood, a note
 */
export function readQuickLine(text: string, names: QuickNames): QuickEntry | QuickProblem {
  const line = text.slice(0, LONGEST).trim().replaceAll(/\s+/g, ' ')
  const place = longest(names.places, line)
  if (!place) return { problem: { why: 'no-place' } }
  const rest = without(line, place.name)
  const words = rest.split(' ').filter(Boolean)
  const at = words.findIndex((word) => word.toLowerCase() in VERBS)
  const verb = at < 0 ? null : VERBS[words[at]!.toLowerCase()]!
  const others = words.filter((_, index) => index !== at)
  const ofPlace = { subject: { type: 'place' as const, id: place.id }, about: place.name, note: '' }
  switch (verb) {
    case null:
      return noticed(place, rest, names) ?? { kind: 'note', data: {}, ...ofPlace, note: rest }
    case 'scouted':
      return { kind: 'tended', data: { works: ['scout'] }, ...ofPlace, note: noteOf(others) }
    case 'watered': {
      const { value, left } = take(others, 'volume', names.units)
      return value === null
        ? { problem: { why: 'amount', of: 'litres', told: others.join(' ') } }
        : { kind: 'watered', data: { litres: value }, ...ofPlace, note: noteOf(left) }
    }
    case 'fed':
      return fed(others, names, ofPlace)
    case 'picked':
    case 'flowered':
    case 'tied': {
      const planting = plantingIn(place, others, names)
      if ('problem' in planting) return planting
      const ofPlanting = {
        subject: { type: 'planting' as const, id: planting.id },
        about: `${place.name}, ${planting.cultivar}`,
      }
      const left = planting.left
      if (verb === 'flowered') return { kind: 'flowered', data: {}, ...ofPlanting, note: noteOf(left) }
      if (verb === 'tied')
        return { kind: 'tended', data: { works: ['tie'] }, ...ofPlanting, note: noteOf(left) }
      return picked(left, names.units, ofPlanting)
    }
  }
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

function fed(
  words: readonly string[],
  { products, units }: QuickNames,
  about: About,
): QuickEntry | QuickProblem {
  const told = words.join(' ')
  const product = longest(products, told) ?? startingWith(products, words)
  if (!product) return { problem: { why: 'amount', of: 'product', told } }
  const named = words.filter((word) => !product.name.toLowerCase().split(/\W+/).includes(word.toLowerCase()))
  const ratio = named.map((word) => /^1:(\d{1,5})$/.exec(word)).find((match) => match !== null)
  const rest = named.filter((word) => !/^1:\d{1,5}$/.test(word))
  const { n, p2o5, k2o, release, releaseDays, nitrogen, liquid, bulkDensity, name } = product
  const made = (grams: number, left: readonly string[]): QuickEntry => ({
    kind: 'fed',
    data: {
      name,
      grams,
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
  if (ratio) {
    const { value, left } = take(rest, 'volume', units)
    const parts = Number(ratio[1])
    return value === null || parts === 0
      ? { problem: { why: 'amount', of: 'litres', told: rest.join(' ') } }
      : made((value / parts) * 1000 * bulkDensity, left)
  }
  const mass = take(rest, 'mass', units, 'g')
  if (mass.value !== null) return made(mass.value * 1000, mass.left)
  const volume = take(rest, 'volume', units)
  return volume.value === null
    ? { problem: { why: 'amount', of: liquid ? 'litres' : 'mass', told: rest.join(' ') } }
    : made(volume.value * 1000 * bulkDensity, volume.left)
}

/** A trouble that is named: the start of a case, with the sign that it is known by; null: none is named. */
function noticed(place: { id: string; name: string }, text: string, names: QuickNames): QuickEntry | null {
  const cause = longest(
    names.causes.flatMap(({ id, name }) => [
      { id, name },
      { id, name: name.replace(/s$/, '') },
    ]),
    text,
  )
  if (!cause) return null
  const words = without(text, cause.name).split(' ').filter(Boolean)
  const planting = plantingIn(place, words, names)
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

function picked(words: readonly string[], units: UnitSystem, about: About): QuickEntry | QuickProblem {
  const { value, left } = take(words, 'mass', units)
  if (value === null || value <= 0) return { problem: { why: 'amount', of: 'mass', told: words.join(' ') } }
  const faults: Partial<Record<FruitFault, number>> = {}
  const note: string[] = []
  let count: number | null = null
  for (let index = 0; index < left.length; index++) {
    const [word, next] = [left[index]!, left[index + 1]?.toLowerCase() ?? '']
    const number = /^\d{1,5}$/.test(word) ? Number(word) : null
    const fault = FAULT_WORDS[next]
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
): { id: string; cultivar: string; left: string[] } | QuickProblem {
  const here = plantings.filter(({ placeId }) => placeId === place.id)
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
  return { id: own.id, cultivar: own.cultivar, left: left.split(' ').filter(Boolean) }
}

/** The first amount of a kind among the words, in one word or two; and the words without it. */
function take(
  words: readonly string[],
  kind: QuantityKind,
  units: UnitSystem,
  bare?: string,
): { value: number | null; left: string[] } {
  for (const length of [2, 1])
    for (let index = 0; index + length <= words.length; index++) {
      const text = words.slice(index, index + length).join(' ')
      if (!/^[\d¼½¾⅓⅔.]/.test(text) || (length === 2 && /^[\d.]/.test(words[index + 1]!))) continue
      // A bare number in one word might count something: it is an amount only if nothing else is.
      if (length === 1 && /^\d+$/.test(text) && words.length > 1 && kind === 'mass') continue
      const read = parseQuantity(text, kind, units, bare)
      if (!('error' in read))
        return { value: read.value, left: words.filter((_, at) => at < index || at >= index + length) }
    }
  return { value: null, left: [...words] }
}

const escaped = (name: string) => name.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`)
const named = (name: string) =>
  new RegExp(String.raw`(^|[^\p{L}\p{N}])${escaped(name)}(?![\p{L}\p{N}])`, 'iu')

/** The longest name that stands as words of its own in a text. */
function longest<Named extends { name: string }>(among: readonly Named[], text: string): Named | null {
  return (
    [...among]
      .sort((a, b) => b.name.length - a.name.length)
      .find(({ name }) => name !== '' && named(name).test(text)) ?? null
  )
}

/** A product of which the first word of the name is written. */
const startingWith = (products: readonly Product[], words: readonly string[]): Product | null =>
  products.find(({ name }) =>
    words.some((word) => word.length > 2 && name.toLowerCase().startsWith(word.toLowerCase())),
  ) ?? null

const without = (text: string, name: string) => text.replace(named(name), ' ').replaceAll(/\s+/g, ' ').trim()
