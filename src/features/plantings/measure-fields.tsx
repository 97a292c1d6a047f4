'use client'

import { useEffect } from 'react'
import type { AnyObjectSchema } from 'yup'
import { TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { Measures, TypedMeasures } from './measures'

/** The few measures of planting day; every sound one redraws the section at once. */
export function MeasureFields({
  defaults,
  schema,
  onMeasure,
}: {
  defaults: TypedMeasures
  schema: AnyObjectSchema
  onMeasure: (measures: Measures) => void
}) {
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
  return (
    <form
      className="grid grid-cols-2 gap-3 sm:grid-cols-4"
      aria-label="The plant"
      onSubmit={(event) => event.preventDefault()}
    >
      <TextField label="Height" {...field('height')} />
      <TextField label="True leaves" inputMode="numeric" {...field('leaves')} />
      <TextField label="Root ball" {...field('rootBall')} />
      <TextField label="Soil to floor" {...field('soilDepth')} />
    </form>
  )
}
