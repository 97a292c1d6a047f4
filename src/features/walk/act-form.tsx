'use client'

import { useMemo } from 'react'
import { number, object, type AnySchema } from 'yup'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { Manner } from '../../core/facts'
import { noteField, quantityField, wholeField } from '../../wording/fields'
import type { ActField } from './types'

type Values = Record<string, string>

function schemaOf(field: ActField, manner: Manner): AnySchema {
  const schema = schemaOfUnit(field, manner)
  return field.optional
    ? number()
        .nullable()
        .transform((_, typed: unknown) => (String(typed ?? '').trim() === '' ? null : schema.cast(typed)))
        .test('optional', '', function check(value) {
          if (value === null || value === undefined) return true
          return (
            schema.isValidSync(value) || this.createError({ message: 'A whole number, or leave it empty.' })
          )
        })
    : schema
}

function schemaOfUnit({ unit, label }: ActField, manner: Manner): AnySchema {
  switch (unit) {
    case 'whole':
      return wholeField(0, 100_000, `how many: ${label.toLowerCase()}`)
    case 'hours':
      return wholeHours()
    case 'length':
      return quantityField('length', manner, { low: 0, high: 1 })
    case 'temperature':
      return quantityField('temperature', manner, { low: -30, high: 60 })
    case 'mass':
      return quantityField('mass', manner, { low: 0.001, high: 1000 })
    case 'grams':
      return quantityField('mass', manner, { low: 0.0001, high: 1000, bareUnit: 'g' })
    case 'volume':
      return quantityField('volume', manner, { low: 0.02, high: 100_000 })
  }
}

function wholeHours() {
  const message = 'From 0 to 24 hours, please.'
  return number()
    .transform((_, typed: unknown) =>
      String(typed ?? '').trim() === ''
        ? NaN
        : Number(
            String(typed)
              .replace(',', '.')
              .replace(/\s*h(ours?)?$/, ''),
          ),
    )
    .typeError(message)
    .min(0, message)
    .max(24, message)
    .required(message)
}

/** The numbers of a stop as they really were, and a note. */
export function ActForm({
  fields,
  manner,
  label,
  onKeep,
  onCancel,
}: {
  fields: readonly ActField[]
  manner: Manner
  label: string
  onKeep: (numbers: Record<string, number | null>, note: string) => void
  onCancel: () => void
}) {
  const schema = useMemo(
    () =>
      object({
        ...Object.fromEntries(fields.map((field) => [field.name, schemaOf(field, manner)])),
        note: noteField(),
      }),
    [fields, manner],
  )
  const { submit, field, problem } = useCheckedForm<Values>({
    schema,
    defaults: { ...Object.fromEntries(fields.map(({ name, initial }) => [name, initial])), note: '' },
    send: async (typed) => {
      const { note, ...numbers } = schema.cast(typed) as { note: string } & Record<string, number | null>
      // What the log counts in grams was typed as a mass, which is read in kg.
      for (const { name, unit } of fields)
        if (unit === 'grams' && typeof numbers[name] === 'number') numbers[name] *= 1000
      onKeep(numbers as Record<string, number | null>, note)
      return undefined
    },
  })
  return (
    <form onSubmit={submit} className="border-l-4 border-leaf bg-base-200 p-4" aria-label={label} noValidate>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] gap-3">
        {fields.map(({ name, label }, index) => (
          <TextField key={name} label={label} autoFocus={index === 0} {...field(name)} />
        ))}
        <TextField label="Note, if any" autoFocus={fields.length === 0} {...field('note')} />
      </div>
      <FormError message={problem} />
      <div className="mt-3 flex gap-2">
        <button className="btn btn-primary min-h-11">Keep it</button>
        <button type="button" className="btn min-h-11" onClick={onCancel}>
          Leave it
        </button>
      </div>
    </form>
  )
}
