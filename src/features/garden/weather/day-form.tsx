'use client'

import { say } from '../../../components/say'
import { DateField } from '../../../components/forms/date-field'
import { FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import type { IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { formatDate } from '../../../wording/dates'
import { dropDay, keepDay } from './actions'
import type { DayValues } from './day-schema'

/** A day's weather by hand, in the garden's units. */
export function DayForm({ on, now, manner }: { on: IsoDate; now: IsoDate; manner: Manner }) {
  const schema = async () => (await import('./day-schema')).daySchema(manner, now)
  const { form, submit, field, busy, problem } = useCheckedForm<DayValues>({
    schema,
    defaults: {
      date: formatDate(on, manner, 'full'),
      tmin: '',
      tmax: '',
      rain: '',
      dewPoint: '',
      wind: '',
      solar: '',
    },
    send: async (typed) => {
      const problems = await keepDay(typed)
      if (problems) return problems
      const { date } = (await schema()).cast(typed)
      for (const name of ['tmin', 'tmax', 'rain', 'dewPoint', 'wind', 'solar'] as const) form.resetField(name)
      say(`The weather of ${formatDate(date as IsoDate, manner)} is saved.`, {
        label: 'Remove',
        onClick: () => void dropDay(date),
      })
      return undefined
    },
  })
  const us = manner.units === 'us'
  const [degree, depth, speed] = us ? ['°F', 'in', 'mph'] : ['°C', 'mm', 'm/s']
  return (
    <form onSubmit={submit} noValidate aria-label="Enter a day by hand">
      <div className="grid max-w-md grid-cols-2 gap-3">
        <DateField label="Day" manner={manner} last={now} {...field('date')} />
        <TextField label={`Low, ${degree}`} inputMode="decimal" {...field('tmin')} />
        <TextField label={`High, ${degree}`} inputMode="decimal" {...field('tmax')} />
        <TextField label={`Rain, ${depth}`} inputMode="decimal" {...field('rain')} />
      </div>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2.5 text-quiet">More: dew point, wind, sun</summary>
        <div className="grid max-w-md grid-cols-2 gap-3">
          <TextField label={`Dew point, ${degree}`} inputMode="decimal" {...field('dewPoint')} />
          <TextField label={`Wind, ${speed}`} inputMode="decimal" {...field('wind')} />
          <TextField label="Sun, MJ/m²" inputMode="decimal" {...field('solar')} />
        </div>
      </details>
      <FormError message={problem} />
      <button className="btn btn-primary mt-2 min-h-11" disabled={busy}>
        Save the day
      </button>
    </form>
  )
}
