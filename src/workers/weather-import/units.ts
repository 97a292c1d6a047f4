import { valuesOf } from './cells'
import { UNITS } from './heads'
import type { GardenWays, Mapping, Measure } from './mapping'

const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) / 2)] ?? 0

/** The units of a table, by its heads, its cells, what its numbers can be, and else by the garden's own. */
export function unitsOf(
  headOf: (role: Measure) => string,
  cellsOf: (role: Measure) => string[],
  decimals: Mapping['decimals'],
  garden: GardenWays,
): Pick<Mapping, 'tenths' | 'temperature' | 'rain' | 'wind' | 'solar'> {
  const us = garden.units === 'us'
  const degrees = [...cellsOf('tmin'), ...cellsOf('tmax'), ...cellsOf('temperature')]
  const temperatures = valuesOf(degrees, decimals)
  const tenths =
    temperatures.length > 0 &&
    temperatures.every(Number.isInteger) &&
    Math.max(...temperatures.map(Math.abs)) > 140
  const over = headOf('tmin') + ' ' + headOf('tmax') + ' ' + headOf('temperature')
  const highs = valuesOf([...cellsOf('tmax'), ...cellsOf('temperature')], decimals).map(
    (value) => value / (tenths ? 10 : 1),
  )
  const isF =
    UNITS.fahrenheit.test(over) || degrees.some((cell) => /[f℉]\s*$/i.test(cell)) || middle(highs) > 45
  const isC =
    UNITS.celsius.test(over) ||
    degrees.some((cell) => /\d\s*°?\s*[c℃]\s*$/i.test(cell)) ||
    tenths ||
    Math.min(...temperatures) < -25
  const mayBeF = isF || !isC
  const rains = valuesOf(cellsOf('rain'), decimals)
  const [rain, wind, solar] = [headOf('rain'), headOf('wind'), headOf('solar')]
  const suns = valuesOf(cellsOf('solar'), decimals)
  return {
    tenths,
    temperature: isF ? 'f' : isC || !us ? 'c' : 'f',
    rain: UNITS.millimetres.test(rain)
      ? 'mm'
      : UNITS.inches.test(rain) || (us && !tenths && mayBeF && Math.max(0, ...rains) < MOST_INCHES)
        ? 'in'
        : 'mm',
    wind: UNITS.kilometres.test(wind)
      ? 'km/h'
      : UNITS.miles.test(wind)
        ? 'mph'
        : UNITS.knots.test(wind)
          ? 'kn'
          : UNITS.metres.test(wind) || !us || tenths || !mayBeF
            ? 'm/s'
            : 'mph',
    solar: UNITS.kilowattHours.test(solar)
      ? 'kWh/m²'
      : UNITS.joules.test(solar)
        ? 'J/cm²'
        : UNITS.watts.test(solar) || Math.max(0, ...suns) > 50
          ? Math.max(0, ...suns) > 1600
            ? 'J/cm²'
            : 'W/m²'
          : 'MJ/m²',
  }
}
/** More inches than fall in a day but in the worst of storms. */
const MOST_INCHES = 12
