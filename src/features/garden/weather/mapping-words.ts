import { capital, listed } from '../../../wording/names'
import {
  MEASURES,
  type Doubt,
  type Mapping,
  type Measure,
  type Role,
  type Shape,
} from '../../../workers/weather-import/mapping'

/** What a column of a weather file holds. */
export const ROLE_NAMES: Record<Role, string> = {
  date: 'date',
  year: 'year',
  month: 'month',
  day: 'day of the month',
  time: 'time of day',
  tmin: 'low',
  tmax: 'high',
  temperature: 'temperature',
  rain: 'rain',
  dewPoint: 'dew point',
  humidity: 'humidity, %',
  humidityMin: 'lowest humidity, %',
  humidityMax: 'highest humidity, %',
  wind: 'wind, mean',
  solar: 'sun',
  code: 'code',
  value: 'value',
}

const SHAPES: Record<Shape, string> = {
  days: 'a row a day',
  readings: 'many readings a day, gathered into days',
  codes: 'a value a row, each with a code',
}
export const SHAPE_NAMES: Record<Shape, string> = {
  days: 'is a day',
  readings: 'is one of many readings a day',
  codes: 'is one value of a day',
}

/** How a weather file is read, in sentences: what was found, and what was only guessed. */
export function sayMapping(
  {
    mapping,
    heads,
    doubts,
    isEitherWay,
  }: { mapping: Mapping; heads: readonly string[] | null; doubts: readonly Doubt[]; isEitherWay: boolean },
  lines: number,
): string[] {
  const { shape, columns, codes, heading } = mapping
  const nameOf = (at: number) => (heads?.[at] ? `“${heads[at]}”` : `column ${at + 1}`)
  const found = MEASURES.flatMap((role) => {
    const [code, at] = [codes[role], columns[role]]
    if (shape === 'codes') return code === undefined ? [] : [`${code} is the ${plain(role)}`]
    return at === undefined ? [] : [`${plain(role)} is ${nameOf(at)}`]
  })
  return [
    `Read as ${SHAPES[shape]}, ${lines} rows${heading === null ? ' under no heading' : heading > 0 ? `, named on line ${heading + 1}` : ''}.`,
    found.length > 0
      ? `${capital(listed(found))}.`
      : 'Prairie did not recognize any column. Choose below what each one holds.',
    `Numbers are in ${unitsOf(mapping)}${mapping.tenths ? ', in tenths' : ''}.`,
    ...(shape === 'readings' && columns.rain !== undefined
      ? [
          mapping.rainOf === 'so-far'
            ? 'Rain adds up through each day, so the last value of the day counts.'
            : 'Prairie adds up the rain of a day’s readings.',
        ]
      : []),
    ...(isEitherWay
      ? [
          `Day and month could be in either order. Prairie reads them ${/^M/.test(mapping.dateFormat) ? 'month first' : 'day first'}, as this garden writes dates.`,
        ]
      : []),
    ...doubts.map(
      ({ columns: at, roles }) =>
        `${capital(
          listed(
            at.map((column) => `column ${column + 1}`),
            'or',
          ),
        )} can be ${listed(
          roles.map((role) => `the ${plain(role as Measure)}`),
          'or',
        )}. Choose which one.`,
    ),
  ]
}

const plain = (role: Measure) => ROLE_NAMES[role].replace(/,.*/, '')

/** The units that matter for what is there. */
function unitsOf({ columns, codes, shape, temperature, rain, wind, solar }: Mapping): string {
  const has = (role: Measure) => (shape === 'codes' ? codes[role] : columns[role]) !== undefined
  return listed([
    temperature === 'f' ? '°F' : '°C',
    ...(has('rain') ? [rain === 'in' ? 'inches' : 'mm'] : []),
    ...(has('wind') ? [wind === 'kn' ? 'knots' : wind] : []),
    ...(has('solar') ? [solar] : []),
  ])
}
