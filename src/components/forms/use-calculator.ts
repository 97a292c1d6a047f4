'use client'

import { useForm, useWatch, type DefaultValues, type FieldValues, type Path } from 'react-hook-form'
import type { AnyObjectSchema, InferType } from 'yup'
import { soundOf, type Sound } from '../../wording/check-form'
import { useFields } from './use-fields'

/**
 * A form that answers while one types, and is sent nowhere: each field is checked at once, and what is sound is
 * worked with.
 *
 * @param schema of the text as typed; made anew at each drawing, it must say the same
 */
export function useCalculator<Typed extends FieldValues, Schema extends AnyObjectSchema>({
  schema,
  defaults,
}: {
  schema: Schema
  defaults: Typed
}) {
  const form = useForm<Typed>({ defaultValues: defaults as DefaultValues<Typed> })
  const typed = useWatch({ control: form.control }) as Typed
  const { values, all, faults }: Sound<InferType<Schema>> = soundOf(schema, typed)
  const { field: registered } = useFields(form)
  const field = (name: Path<Typed>, onChange?: () => void) => ({
    ...registered(name, onChange),
    error: faults[name],
  })
  return {
    form,
    typed,
    /** A field as its control is given it. */
    field,
    /** What is sound, and null for what is not. */
    values,
    /** All of it; null: something is not sound. */
    all,
    faults,
  }
}
