'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { ColumnChoices } from '../../../components/table/column-choices'
import { DATE_FORMATS, ROLES, type Mapping, type Role } from '../../../workers/weather-import/columns'

const ROLE_NAMES: Record<Role, string> = {
  date: 'date',
  tmin: 'low',
  tmax: 'high',
  rain: 'rain',
  dewPoint: 'dew point',
  humidity: 'humidity, %',
  humidityMin: 'lowest humidity, %',
  humidityMax: 'highest humidity, %',
  wind: 'wind, mean',
  solar: 'sun',
}

/** How high a wind gauge stands, m. */
const GAUGE = { low: 0.5, high: 200 }

/** Which column holds what, and in which units; the file's first lines stand under it. */
export function MappingForm({
  rows,
  lines,
  guess,
  busy,
  onRead,
}: {
  rows: string[][]
  lines: number
  guess: Mapping
  busy: boolean
  onRead: (mapping: Mapping) => void
}) {
  const [mapping, setMapping] = useState(guess)
  const [problem, setProblem] = useState<string | null>(null)
  const set = (change: Partial<Mapping>) => setMapping({ ...mapping, ...change })
  const read = () => {
    const missing = (['date', 'tmin', 'tmax'] as const).filter((role) => mapping.columns[role] === undefined)
    const height = mapping.windHeight
    if (missing.length > 0)
      setProblem(`Say which column holds the ${missing.map((role) => ROLE_NAMES[role]).join(', the ')}.`)
    else if (!(height >= GAUGE.low && height <= GAUGE.high))
      setProblem(`The wind gauge stands from ${GAUGE.low} to ${GAUGE.high} m high.`)
    else {
      setProblem(null)
      onRead(mapping)
    }
  }
  const has = (role: Role) => mapping.columns[role] !== undefined
  return (
    <section aria-label="Columns" className="space-y-4">
      <h2 className="text-xl font-semibold">{lines} lines. Which column holds what?</h2>
      <ColumnChoices
        rows={rows}
        header={mapping.header}
        roles={ROLES}
        names={ROLE_NAMES}
        columns={mapping.columns}
        onChange={(columns) => set({ columns })}
      />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <ChoiceField
          label="First line"
          value={mapping.header ? 'header' : 'day'}
          onChange={(event) => set({ header: event.target.value === 'header' })}
        >
          <option value="header">names the columns</option>
          <option value="day">is a day already</option>
        </ChoiceField>
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
            </ChoiceField>
            <TextField
              label="Wind gauge stands, m high"
              inputMode="decimal"
              defaultValue={mapping.windHeight}
              onChange={(event) => set({ windHeight: Number(event.target.value.replace(',', '.')) })}
            />
          </>
        )}
        {has('solar') && (
          <ChoiceField
            label="Sun"
            value={mapping.solar}
            onChange={(event) => set({ solar: event.target.value as Mapping['solar'] })}
          >
            <option value="MJ/m²">MJ/m² a day</option>
            <option value="kWh/m²">kWh/m² a day</option>
            <option value="W/m²">W/m², mean of the day</option>
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
