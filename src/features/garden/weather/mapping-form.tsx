'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { ColumnChoices } from '../../../components/table/column-choices'
import type { Manner } from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import { sayLength } from '../../../wording/say'
import { DATE_FORMATS } from '../../../workers/weather-import/dates'
import {
  MEASURES,
  ROLES,
  SHAPES,
  type Mapping,
  type Measure,
  type Role,
  type Shape,
} from '../../../workers/weather-import/mapping'
import type { OpenedTable } from '../../../workers/weather-import/weather-import.worker'
import { ROLE_NAMES, sayMapping, SHAPE_NAMES } from './mapping-words'

/** How high a wind gauge stands, m. */
const GAUGE = { low: 0.5, high: 200 }

const DATED: readonly Role[] = ['date', 'year', 'month', 'day']
/** What a column can hold, by what a row is. */
const ROLES_OF: Record<Shape, readonly Role[]> = {
  days: ROLES.filter((role) => !['time', 'temperature', 'code', 'value'].includes(role)),
  readings: ROLES.filter((role) => !['humidityMin', 'humidityMax', 'code', 'value'].includes(role)),
  codes: [...DATED, 'code', 'value'],
}
/** What a code can stand for. */
const CODED: readonly Measure[] = MEASURES.filter((measure) => measure !== 'temperature')

/** How a file is read, in sentences; and under its first rows, which column holds what and in which units. */
export function MappingForm({
  table,
  manner,
  busy,
  onHeading,
  onRead,
}: {
  table: OpenedTable
  manner: Manner
  busy: boolean
  /** The columns are named on another line, or on none. */
  onHeading: (heading: number | null) => void
  onRead: (mapping: Mapping) => void
}) {
  const [mapping, setMapping] = useState(table.mapping)
  const [problem, setProblem] = useState<string | null>(null)
  const set = (change: Partial<Mapping>) => setMapping({ ...mapping, ...change })
  const { columns, shape } = mapping
  const has = (role: Measure) => (shape === 'codes' ? mapping.codes[role] : columns[role]) !== undefined
  const read = () => {
    const found = problemOf(mapping, manner)
    setProblem(found)
    if (!found) onRead(mapping)
  }
  const asks = table.doubts.filter(
    ({ columns: at }) => !at.some((column) => Object.values(columns).includes(column)),
  )
  return (
    <section aria-label="Columns" className="space-y-4">
      <div>
        <h2 className="text-xl font-semibold">How Prairie reads it</h2>
        <p className="max-w-prose" role="status">
          {sayMapping({ ...table, doubts: asks, mapping }, table.lines).join(' ')}
        </p>
        <p className="mt-1 text-quiet">If something is wrong, change it here, then read the lines.</p>
      </div>
      <ColumnChoices
        rows={table.heads ? [table.heads, ...table.rows] : table.rows}
        header={table.heads !== null}
        roles={ROLES_OF[shape]}
        names={ROLE_NAMES}
        columns={columns}
        onChange={(columns) => set({ columns })}
      />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <ChoiceField
          label="Line with column names"
          value={mapping.heading ?? ''}
          onChange={(event) => onHeading(event.target.value === '' ? null : Number(event.target.value))}
        >
          <option value="">no line</option>
          {table.top.map((line, at) => (
            <option key={at} value={at}>
              line {at + 1}: {line.slice(0, 24)}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField
          label="A row"
          value={shape}
          onChange={(event) => set({ shape: event.target.value as Shape })}
        >
          {SHAPES.map((one) => (
            <option key={one} value={one}>
              {SHAPE_NAMES[one]}
            </option>
          ))}
        </ChoiceField>
        {columns.date !== undefined && (
          <ChoiceField
            label="Dates are written"
            value={mapping.dateFormat}
            onChange={(event) => set({ dateFormat: event.target.value as Mapping['dateFormat'] })}
          >
            {DATE_FORMATS.map((format) => (
              <option key={format} value={format}>
                {format}
              </option>
            ))}
          </ChoiceField>
        )}
        <ChoiceField
          label="Decimals"
          value={mapping.decimals}
          onChange={(event) => set({ decimals: event.target.value as Mapping['decimals'] })}
        >
          <option value="point">1.5</option>
          <option value="comma">1,5</option>
        </ChoiceField>
        <ChoiceField
          label="Temperatures"
          value={mapping.temperature}
          onChange={(event) => set({ temperature: event.target.value as Mapping['temperature'] })}
        >
          <option value="c">°C</option>
          <option value="f">°F</option>
        </ChoiceField>
        <ChoiceField
          label="Numbers are"
          value={mapping.tenths ? 'tenths' : 'whole'}
          onChange={(event) => set({ tenths: event.target.value === 'tenths' })}
        >
          <option value="whole">as written</option>
          <option value="tenths">tenths of a unit</option>
        </ChoiceField>
        {shape === 'codes' &&
          CODED.map((measure) => (
            <ChoiceField
              key={measure}
              label={`Code of the ${ROLE_NAMES[measure]}`}
              value={mapping.codes[measure] ?? ''}
              onChange={(event) =>
                set({ codes: { ...mapping.codes, [measure]: event.target.value || undefined } })
              }
            >
              <option value="">none</option>
              {table.words.map((word) => (
                <option key={word} value={word}>
                  {word}
                </option>
              ))}
            </ChoiceField>
          ))}
        {has('rain') && (
          <ChoiceField
            label="Rain"
            value={mapping.rain}
            onChange={(event) => set({ rain: event.target.value as Mapping['rain'] })}
          >
            <option value="mm">mm</option>
            <option value="in">inches</option>
          </ChoiceField>
        )}
        {shape === 'readings' && has('rain') && (
          <ChoiceField
            label="A reading’s rain"
            value={mapping.rainOf}
            onChange={(event) => set({ rainOf: event.target.value as Mapping['rainOf'] })}
          >
            <option value="each">is its own</option>
            <option value="so-far">is the day’s so far</option>
          </ChoiceField>
        )}
        {has('wind') && (
          <>
            <ChoiceField
              label="Wind"
              value={mapping.wind}
              onChange={(event) => set({ wind: event.target.value as Mapping['wind'] })}
            >
              <option value="m/s">m/s</option>
              <option value="km/h">km/h</option>
              <option value="mph">mph</option>
              <option value="kn">knots</option>
            </ChoiceField>
            <TextField
              label="Height of the wind gauge"
              defaultValue={sayLength(mapping.windHeight, manner)}
              onChange={(event) => {
                const height = parseQuantity(event.target.value, 'length', manner.units)
                set({ windHeight: 'value' in height ? height.value : NaN })
              }}
            />
          </>
        )}
        {has('solar') && (
          <ChoiceField
            label="Sun"
            value={mapping.solar}
            onChange={(event) => set({ solar: event.target.value as Mapping['solar'] })}
          >
            <option value="MJ/m²">MJ/m²</option>
            <option value="kWh/m²">kWh/m²</option>
            <option value="J/cm²">J/cm²</option>
            <option value="W/m²">W/m², mean</option>
          </ChoiceField>
        )}
      </div>
      {problem && (
        <p role="alert" className="font-semibold text-cut">
          {problem}
        </p>
      )}
      <button type="button" className="btn btn-primary min-h-11" disabled={busy} onClick={read}>
        Read the lines
      </button>
    </section>
  )
}

/** What has to be said before the lines can be read; null: nothing. */
function problemOf({ shape, columns, codes, windHeight }: Mapping, manner: Manner): string | null {
  const named = (role: Role) => columns[role] !== undefined
  const dated = named('date') || (named('year') && named('month') && named('day'))
  const missing: Role[] = [
    ...(dated ? [] : (['date'] as const)),
    ...(shape === 'days' ? (['tmin', 'tmax'] as const).filter((role) => !named(role)) : []),
    ...(shape === 'readings' && !named('temperature') && !(named('tmin') && named('tmax'))
      ? (['temperature'] as const)
      : []),
    ...(shape === 'codes' ? (['code', 'value'] as const).filter((role) => !named(role)) : []),
  ]
  if (missing.length > 0)
    return `Choose which column holds the ${missing.map((role) => ROLE_NAMES[role]).join(', the ')}.`
  if (shape === 'codes' && (codes.tmin === undefined || codes.tmax === undefined))
    return 'Choose which code is the low, and which the high.'
  return windHeight >= GAUGE.low && windHeight <= GAUGE.high
    ? null
    : `Enter the height of the wind gauge: ${sayLength(GAUGE.low, manner)} to ${sayLength(GAUGE.high, manner)}.`
}
