'use client'

import { say } from '../../../components/say'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { MannerFields } from '../../../components/forms/manner-fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import type { IsoDate } from '../../../core/calendar'
import { SHELTERS, SOILS, type Manner } from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import { keepSite } from '../actions'
import type { SiteValues } from '../schema'

export function SiteForm({
  site,
  currencies,
  manner,
  today,
}: {
  site: SiteValues
  currencies: readonly [code: string, name: string][]
  manner: Manner
  today: IsoDate
}) {
  const { submit, field, busy, problem } = useCheckedForm<SiteValues>({
    schema: async () => (await import('../schema')).siteSchema(manner, today),
    defaults: site,
    send: async (values, { shown }) => {
      const problems = await keepSite(values, shown)
      if (!problems) say('The place is saved. Your dates use it now.')
      return problems
    },
  })
  return (
    <form onSubmit={submit} noValidate aria-label="Site" className="space-y-4">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" {...field('name')} />
        <TextField label="Coordinates" {...field('where')} />
        <TextField label="Elevation" {...field('elevation')} />
        <TextField label="Time zone" {...field('timeZone')} />
        <ChoiceField label="Shelter from wind" {...field('shelter')}>
          {SHELTERS.map((shelter) => (
            <option key={shelter} value={shelter}>
              {capital(nameOf(shelter))}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField label="Soil" {...field('soil')}>
          {SOILS.map((soil) => (
            <option key={soil} value={soil}>
              {capital(nameOf(soil))}
            </option>
          ))}
        </ChoiceField>
        <MannerFields field={field} currencies={currencies} />
        <TextField label="Pretend today is" hint="Leave blank to use the real date." {...field('clock')} />
      </div>
      <FormError message={problem} />
      <button className="btn btn-primary min-h-11" disabled={busy}>
        Save the place
      </button>
    </form>
  )
}
