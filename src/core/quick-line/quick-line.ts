import type { FruitFault } from '../harvest'
import { hallmarkOf, type CauseId } from '../health'
import type { UnitSystem } from '../quantity'
import { FAULT_WORDS, take, takeEach } from './amounts'
import { fed } from './fed'
import { takeDate } from './named-day'
import { longest, named, noteOf, without } from './names'
import type { About, QuickEntry, QuickNames, QuickPlace, QuickProblem, Undated } from './quick-entry'

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

/** Plants of a place that stand there, or of the planting that is named. */
function plantsIn(place: QuickPlace, words: readonly string[], { plantings }: QuickNames): number {
  const here = plantings.filter(({ placeId, stands }) => placeId === place.id && stands)
  const own = longest(
    here.map((one) => ({ ...one, name: one.cultivar })),
    words.join(' '),
  )
  return Math.max(1, own ? own.count : here.reduce((sum, { count }) => sum + count, 0))
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
