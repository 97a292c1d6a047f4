'use client'

import { Fragment } from 'react'
import { FormError, Typed } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { say } from '../../../components/say'
import { addDays, type IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { formatDate } from '../../../wording/dates'
import { sayCount } from '../../../wording/say'
import { keepForecast } from './actions'
import { FORETOLD_BY_HAND, type ForecastValues } from './forecast-values'

/** The days ahead as they are foretold elsewhere, typed in the garden's units. */
export function ForecastForm({
  now,
  foretold,
  manner,
}: {
  now: IsoDate
  /** What is kept of the days from the garden's own on, as it is typed. */
  foretold: ForecastValues['days']
  manner: Manner
}) {
  const { submit, field, busy, problem } = useCheckedForm<ForecastValues>({
    schema: async () => (await import('./forecast-schema')).forecastSchema(manner, now),
    defaults: { from: now, days: foretold },
    send: async (typed) => {
      const problems = await keepForecast(typed)
      if (problems) return problems
      const said = typed.days.filter(({ tmin }) => tmin.trim() !== '').length
      say(said === 0 ? 'The forecast is removed.' : `The forecast of ${sayCount(said, 'day')} is saved.`)
      return undefined
    },
  })
  const us = manner.units === 'us'
  const [degree, depth, speed] = us ? ['°F', 'in', 'mph'] : ['°C', 'mm', 'm/s']
  const columns = [
    ['tmin', 'Low', degree],
    ['tmax', 'High', degree],
    ['rain', 'Rain', depth],
    ['wind', 'Wind', speed],
  ] as const
  return (
    <form onSubmit={submit} noValidate aria-label="Days ahead">
      <p className="mb-2 text-quiet">
        Enter the forecast you read. Warnings of storm, frost and heat use it before the simulated station.
        Measured days replace it. A file with days ahead does the same.
      </p>
      <table className="w-full max-w-md border-collapse">
        <thead className="text-left text-sm text-quiet">
          <tr>
            <td />
            {columns.map(([name, label, unit]) => (
              <th key={name} scope="col" className="pb-1 pl-2 font-normal">
                {label}, {unit}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: FORETOLD_BY_HAND }, (_, ahead) => {
            const date = addDays(now, ahead)
            const cells = columns.map(([name, label]) => ({ label, ...field(`days.${ahead}.${name}`) }))
            const error = cells.find((cell) => cell.error)?.error
            return (
              <Fragment key={ahead}>
                <tr>
                  <th scope="row" className="py-0.5 text-left font-normal whitespace-nowrap">
                    {ahead === 0 ? 'Today' : formatDate(date, manner, 'weekday')}
                  </th>
                  {cells.map(({ label, error: own, ...cell }) => (
                    <td key={cell.name} className="py-0.5 pl-2">
                      <Typed
                        aria-label={`${label} of ${formatDate(date, manner)}`}
                        aria-describedby={own ? `forecast-${ahead}` : undefined}
                        inputMode="decimal"
                        isWrong={own !== undefined}
                        {...cell}
                      />
                    </td>
                  ))}
                </tr>
                {error && (
                  <tr>
                    <td
                      colSpan={5}
                      id={`forecast-${ahead}`}
                      role="alert"
                      className="text-sm font-semibold text-cut"
                    >
                      {error}
                    </td>
                  </tr>
                )}
              </Fragment>
            )
          })}
        </tbody>
      </table>
      <FormError message={problem} />
      <button className="btn btn-primary mt-2 min-h-11" disabled={busy}>
        Save the forecast
      </button>
    </form>
  )
}
