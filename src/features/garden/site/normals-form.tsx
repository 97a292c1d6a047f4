'use client'

import { useMemo } from 'react'
import { say } from '../../../components/say'
import { array, object } from 'yup'
import { FormError } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import type { Manner } from '../../../core/facts'
import { monthName } from '../../../wording/dates'
import { keepNormals } from '../actions'
import { monthSchema, NORMAL_FIELDS, type NormalsValues } from '../schema'

const HEADS: Record<(typeof NORMAL_FIELDS)[number], { name: string; metric: string; us: string }> = {
  tmin: { name: 'low', metric: '°C', us: '°F' },
  tmax: { name: 'high', metric: '°C', us: '°F' },
  rain: { name: 'rain', metric: 'mm', us: 'in' },
  wetDays: { name: 'wet days', metric: 'days', us: 'days' },
  dewPoint: { name: 'dew point', metric: '°C', us: '°F' },
  wind: { name: 'wind', metric: 'm/s', us: 'mph' },
  solar: { name: 'sun', metric: 'MJ/m²', us: 'MJ/m²' },
}

/** The climate, month by month; every curve and date is worked out from these. */
export function NormalsForm({
  normals,
  entered,
  manner,
}: {
  normals: NormalsValues
  entered: boolean[]
  manner: Manner
}) {
  const schema = useMemo(() => object({ months: array(monthSchema(manner)).required() }), [manner])
  const { form, submit, busy, problem } = useCheckedForm<NormalsValues>({
    schema,
    defaults: normals,
    send: async (values, { shown }) => {
      const problems = await keepNormals(values, shown)
      if (!problems) say('The climate is saved. Your dates use it now.')
      return problems
    },
  })
  const { errors } = form.formState
  const faults = (errors.months ?? []) as unknown as Record<string, { message?: string }>[]
  return (
    <form onSubmit={submit} noValidate aria-label="Climate">
      <div className="overflow-x-auto">
        <table className="border-collapse">
          <thead>
            <tr className="text-sm text-quiet">
              <th scope="col" className="sr-only">
                month
              </th>
              {NORMAL_FIELDS.map((field) => (
                <th key={field} scope="col" className="px-1 pb-1 font-normal">
                  {HEADS[field].name}
                  <br />
                  {HEADS[field][manner.units]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {normals.months.map((_, month) => (
              <tr key={month}>
                <th scope="row" className="pr-2 text-left font-semibold">
                  {monthName(month + 1)}
                  {entered[month] && <span className="text-sm font-normal text-quiet"> own</span>}
                </th>
                {NORMAL_FIELDS.map((field) => {
                  const fault = faults[month]?.[field]?.message
                  return (
                    <td key={field} className="p-0.5">
                      <input
                        className={`input input-sm min-h-9 pointer-coarse:min-h-11 w-[4.6rem] text-right ${fault ? 'input-error' : ''}`}
                        inputMode="decimal"
                        autoComplete="off"
                        aria-label={`${monthName(month + 1)} ${HEADS[field].name}`}
                        aria-invalid={fault ? true : undefined}
                        title={fault}
                        {...form.register(`months.${month}.${field}`)}
                      />
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div role="alert">
        <ul className="mt-2 text-sm font-semibold text-cut">
          {faults.flatMap((month, index) =>
            Object.entries(month ?? {}).map(([field, fault]) => (
              <li key={index + field}>
                {monthName(index + 1)}, {HEADS[field as keyof typeof HEADS]?.name}: {fault?.message}
              </li>
            )),
          )}
        </ul>
      </div>
      <FormError message={problem} />
      <button className="btn btn-primary mt-3 min-h-11" disabled={busy}>
        Save the climate
      </button>
    </form>
  )
}
