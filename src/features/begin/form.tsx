'use client'

import { useEffect, useMemo, useState } from 'react'
import { ChoiceField, FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import { CLIMATE_TEMPLATE_IDS } from '../../core/climate'
import type { UnitSystem } from '../../core/quantity'
import { capital, nameOf } from '../../wording/names'
import { begin } from './actions'
import { beginSchema, BY_LATITUDE, FIRST_PLACES, type BeginValues } from './schema'
import { inEither } from '../../wording/written'

const sizesIn = (units: UnitSystem) => ({
  placeLength: inEither({ units }, '3 m', '10 ft'),
  placeWidth: inEither({ units }, '1.2 m', '4 ft'),
  elevation: inEither({ units }, '100 m', '300 ft'),
})

export function BeginForm({ today, beside }: { today: IsoDate; beside: boolean }) {
  const [units, setUnits] = useState<UnitSystem>('metric')
  const schema = useMemo(() => beginSchema(units, today), [units, today])
  const { form, submit, field, sending, busy, problem } = useCheckedForm<BeginValues>({
    schema,
    defaults: {
      where: '',
      climate: BY_LATITUDE,
      lastFrost: '',
      units: 'metric',
      placeName: 'Bed 1',
      placeKind: 'bed',
      ...sizesIn('metric'),
      timeZone: 'UTC',
    },
    send: (typed) => begin(typed, beside),
  })
  const { setValue, getFieldState } = form
  useEffect(() => setValue('timeZone', Intl.DateTimeFormat().resolvedOptions().timeZone), [setValue])

  const chooseUnits = (next: UnitSystem) => {
    setUnits(next)
    // Sizes that nobody touched follow the units; what was typed stays as it was typed.
    for (const [name, size] of Object.entries(sizesIn(next)))
      if (!getFieldState(name as keyof BeginValues).isDirty) setValue(name as keyof BeginValues, size)
  }
  const unitsField = field('units')

  return (
    <form onSubmit={submit} noValidate className="mt-6 max-w-2xl space-y-7" aria-label="New garden">
      <Question number={1} title="Where is it?">
        <div className="grid gap-3 sm:grid-cols-[2fr_1fr]">
          <TextField
            label="Coordinates, from any map"
            placeholder="41.2 N 97.6 W"
            autoFocus
            {...field('where')}
          />
          <TextField label="Height above the sea, about" {...field('elevation')} />
        </div>
      </Question>
      <Question number={2} title="What is the climate like?">
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label="Usual last frost, if you know it"
            placeholder={units === 'us' ? 'May 5' : '5 May'}
            hint="The day by which frost is over in every second year."
            {...field('lastFrost')}
          />
          <ChoiceField label="Climate" {...field('climate')}>
            <option value={BY_LATITUDE}>The usual one for this latitude</option>
            {CLIMATE_TEMPLATE_IDS.map((id) => (
              <option key={id} value={id}>
                {nameOf(id)}
              </option>
            ))}
          </ChoiceField>
        </div>
      </Question>
      <Question number={3} title="Which units do you think in?">
        <div className="sm:w-1/2">
          <ChoiceField
            label="Units"
            {...unitsField}
            onChange={(event) => {
              void unitsField.onChange(event)
              chooseUnits(event.target.value as UnitSystem)
            }}
          >
            <option value="metric">metres, litres, °C</option>
            <option value="us">feet, gallons, °F</option>
          </ChoiceField>
        </div>
      </Question>
      <Question number={4} title="One place to grow">
        <div className="grid gap-3 sm:grid-cols-4">
          <TextField label="Name" {...field('placeName')} />
          <ChoiceField label="It is a" {...field('placeKind')}>
            {FIRST_PLACES.map((kind) => (
              <option key={kind} value={kind}>
                {capital(nameOf(kind))}
              </option>
            ))}
          </ChoiceField>
          <TextField label="Length" {...field('placeLength')} />
          <TextField label="Width" {...field('placeWidth')} />
        </div>
      </Question>
      <FormError message={problem} />
      <button className="btn btn-primary min-h-12 px-6 text-base" disabled={busy}>
        {sending ? 'Working it out …' : 'Give me the first answer'}
      </button>
    </form>
  )
}

function Question({ number, title, children }: { number: number; title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-l-2 border-base-300 pl-4">
      <legend className="float-left mb-2 w-full font-serif text-lg font-semibold">
        {number}. {title}
      </legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  )
}
