'use client'

import { useEffect } from 'react'
import { TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import type { Manner } from '../../../core/facts'
import { measuresSchema } from './measures-schema'
import { stepped, type Measures, type TypedMeasures } from './measures'

const FIELDS = [
  { name: 'height', label: 'Height' },
  { name: 'leaves', label: 'True leaves' },
  { name: 'rootBall', label: 'Root ball' },
  { name: 'soilDepth', label: 'Depth of dug soil' },
] as const

/** The few measures of planting day; every sound one redraws the section at once. */
export function MeasureFields({
  defaults,
  manner,
  onMeasure,
}: {
  manner: Manner
  defaults: TypedMeasures
  onMeasure: (measures: Measures) => void
}) {
  const schema = measuresSchema(manner)
  const { form, field } = useCheckedForm<TypedMeasures>({ schema, defaults, send: async () => undefined })
  const { watch, trigger } = form
  useEffect(() => {
    const watched = watch((typed) => {
      void trigger()
      if (schema.isValidSync(typed)) onMeasure(schema.cast(typed) as Measures)
    })
    return () => watched.unsubscribe()
    // The schema and the listener are made anew at each drawing; the first ones do the same work.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [watch, trigger])
  const step = (name: keyof Measures, by: 1 | -1) => {
    const now = form.getValues(name)
    const next = stepped(name, now, by, manner)
    if (next !== null) form.setValue(name, next, { shouldDirty: true, shouldValidate: true })
  }
  return (
    <form
      className="grid grid-cols-2 gap-3 sm:grid-cols-4"
      aria-label="The plant"
      onSubmit={(event) => event.preventDefault()}
    >
      {FIELDS.map(({ name, label }) => (
        <div key={name}>
          <TextField label={label} inputMode={name === 'leaves' ? 'numeric' : undefined} {...field(name)} />
          <span className="mt-1 flex gap-1">
            <button
              type="button"
              className="btn min-h-11 grow bg-base-100"
              aria-label={`${label}: a step less`}
              onClick={() => step(name, -1)}
            >
              −
            </button>
            <button
              type="button"
              className="btn min-h-11 grow bg-base-100"
              aria-label={`${label}: a step more`}
              onClick={() => step(name, 1)}
            >
              +
            </button>
          </span>
        </div>
      ))}
    </form>
  )
}
