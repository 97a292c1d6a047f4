import type { QuantityKind, UnitSystem } from './measure'

/**
 * Every unit that can be typed, with its size in SI: value in SI = number × factor + offset.
 * Inch, pound and US gallon are exact by definition [NIST Handbook 44, appendix C]; the other US
 * measures are whole fractions of them.
 */
interface Unit {
  factor: number
  offset?: number
  names: readonly string[]
}

const INCH = 0.0254
const POUND = 0.45359237
const GALLON = 3.785411784

const UNITS: Record<QuantityKind, readonly Unit[]> = {
  length: [
    { factor: 0.001, names: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'] },
    { factor: 0.01, names: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'] },
    { factor: 1, names: ['m', 'metre', 'metres', 'meter', 'meters'] },
    { factor: 1000, names: ['km', 'kilometre', 'kilometres', 'kilometer', 'kilometers'] },
    { factor: INCH, names: ['in', 'inch', 'inches', 'ins', '"', '″', '”', "''"] },
    { factor: 12 * INCH, names: ['ft', 'foot', 'feet', "'", '′', '’'] },
    { factor: 36 * INCH, names: ['yd', 'yds', 'yard', 'yards'] },
  ],
  temperature: [
    {
      factor: 1,
      names: ['°c', 'c', 'celsius', '℃', 'degc', 'deg c', '° c', 'degree c', 'degrees c', 'degrees celsius'],
    },
    {
      factor: 5 / 9,
      offset: -160 / 9,
      names: [
        '°f',
        'f',
        'fahrenheit',
        '℉',
        'degf',
        'deg f',
        '° f',
        'degree f',
        'degrees f',
        'degrees fahrenheit',
      ],
    },
  ],
  mass: [
    { factor: 1e-6, names: ['mg', 'milligram', 'milligrams'] },
    { factor: 0.001, names: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'gm', 'gms'] },
    { factor: 1, names: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
    { factor: 1000, names: ['t', 'tonne', 'tonnes'] },
    { factor: POUND / 16, names: ['oz', 'ounce', 'ounces'] },
    { factor: POUND, names: ['lb', 'lbs', 'pound', 'pounds', '#'] },
  ],
  volume: [
    { factor: 0.001, names: ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'] },
    { factor: 0.01, names: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'] },
    { factor: 0.1, names: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'] },
    { factor: 1, names: ['l', 'lt', 'ltr', 'ltrs', 'litre', 'litres', 'liter', 'liters'] },
    { factor: 1000, names: ['m³', 'm3', 'cubic metre', 'cubic metres', 'cubic meter', 'cubic meters'] },
    { factor: GALLON / 768, names: ['tsp', 'tsps', 't', 'teaspoon', 'teaspoons'] },
    { factor: GALLON / 256, names: ['tbsp', 'tbsps', 'tbs', 'tb', 'tablespoon', 'tablespoons'] },
    {
      factor: GALLON / 128,
      names: ['fl oz', 'floz', 'fl. oz', 'fl. oz.', 'fluid ounce', 'fluid ounces', 'oz', 'ounce', 'ounces'],
    },
    { factor: GALLON / 16, names: ['cup', 'cups', 'c'] },
    { factor: GALLON / 8, names: ['pt', 'pint', 'pints'] },
    { factor: GALLON / 4, names: ['qt', 'qts', 'quart', 'quarts'] },
    { factor: GALLON, names: ['gal', 'gals', 'gallon', 'gallons'] },
    { factor: (12 * INCH) ** 3 * 1000, names: ['ft³', 'ft3', 'cu ft', 'cu. ft', 'cubic foot', 'cubic feet'] },
    {
      factor: (36 * INCH) ** 3 * 1000,
      names: ['yd³', 'yd3', 'cu yd', 'cu. yd', 'cubic yard', 'cubic yards', 'yard', 'yards'],
    },
  ],
  area: [
    { factor: 0.0001, names: ['cm²', 'cm2', 'sq cm'] },
    {
      factor: 1,
      names: [
        'm²',
        'm2',
        'sq m',
        'sq. m',
        'sqm',
        'square metre',
        'square metres',
        'square meter',
        'square meters',
      ],
    },
    { factor: 10_000, names: ['ha', 'hectare', 'hectares'] },
    { factor: INCH ** 2, names: ['in²', 'in2', 'sq in', 'square inch', 'square inches'] },
    {
      factor: (12 * INCH) ** 2,
      names: ['ft²', 'ft2', 'sq ft', 'sq. ft', 'sqft', 'square foot', 'square feet'],
    },
    { factor: (36 * INCH) ** 2, names: ['yd²', 'yd2', 'sq yd', 'square yard', 'square yards'] },
    { factor: 43_560 * (12 * INCH) ** 2, names: ['ac', 'acre', 'acres'] },
  ],
  duration: [
    { factor: 1, names: ['s', 'sec', 'secs', 'second', 'seconds'] },
    { factor: 60, names: ['min', 'mins', 'm', 'minute', 'minutes'] },
    { factor: 3600, names: ['h', 'hr', 'hrs', 'hour', 'hours'] },
    { factor: 86_400, names: ['d', 'day', 'days'] },
    { factor: 7 * 86_400, names: ['wk', 'wks', 'week', 'weeks', 'w'] },
  ],
}

/** The unit meant by a bare number. */
export const BARE_UNIT: Record<UnitSystem, Record<QuantityKind, string>> = {
  metric: { length: 'cm', temperature: '°c', mass: 'kg', volume: 'l', area: 'm²', duration: 'min' },
  us: { length: 'in', temperature: '°f', mass: 'lb', volume: 'gal', area: 'ft²', duration: 'min' },
}

const byName = Object.fromEntries(
  Object.entries(UNITS).map(([kind, units]) => [
    kind,
    new Map(units.flatMap((unit) => unit.names.map((name) => [name, unit] as const))),
  ]),
) as Record<QuantityKind, Map<string, Unit>>

/** The unit of this kind with this name, in any case and with or without a full stop. */
export function findUnit(kind: QuantityKind, text: string): Unit | undefined {
  // A large T is a tablespoon, a small one a teaspoon.
  if (kind === 'volume' && text.trim() === 'T') return byName.volume.get('tbsp')
  const name = text.trim().toLowerCase().replace(/\s+/g, ' ')
  return byName[kind].get(name) ?? byName[kind].get(name.replace(/\.$/, ''))
}

/** The kind that a unit name belongs to, whichever it is. */
export function kindOfUnit(text: string): QuantityKind | undefined {
  return (Object.keys(UNITS) as QuantityKind[]).find((kind) => findUnit(kind, text))
}

/** A number of a named unit in SI. @throws RangeError when the kind has no such unit. */
export function convertToSi(value: number, kind: QuantityKind, unit: string): number {
  const found = findUnit(kind, unit)
  if (!found) throw new RangeError(`unit must be a unit of ${kind}, not ${unit}`)
  return value * found.factor + (found.offset ?? 0)
}

/** A number in SI as a number of a named unit. @throws RangeError when the kind has no such unit. */
export function convertFromSi(value: number, kind: QuantityKind, unit: string): number {
  const found = findUnit(kind, unit)
  if (!found) throw new RangeError(`unit must be a unit of ${kind}, not ${unit}`)
  return (value - (found.offset ?? 0)) / found.factor
}
