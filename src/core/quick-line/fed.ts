import type { Product } from '../feeding'
import { parseQuantity, type UnitSystem } from '../quantity'
import { take, takeEach } from './amounts'
import { longest, noteOf } from './names'
import type { About, QuickNames, QuickProblem, Undated } from './quick-entry'

/** L of a liquid feed over which it can only be meant mixed with water, or asked about. */
const MOST_CONCENTRATE = 0.5

/** A feed at a dilution, by its dose in the can, by weight or by volume; for each plant where a line says so. */
export function fed(
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

/** A product of which the first word of the name is written. */
const startingWith = (products: readonly Product[], words: readonly string[]): Product | null =>
  products.find(({ name }) =>
    words.some((word) => word.length > 2 && name.toLowerCase().startsWith(word.toLowerCase())),
  ) ?? null
