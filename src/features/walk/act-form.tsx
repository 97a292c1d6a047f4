'use client'

import { useMemo } from 'react'
import { object } from 'yup'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { Manner } from '../../core/facts'
import { noteField } from '../../wording/fields'
import { schemaOf } from './act-schema'
import type { ActField } from './types'

type Values = Record<string, string>

/** How long it took: what this garden's later rounds are planned by. */
const MINUTES: ActField = {
  name: 'minutes',
  label: 'Minutes it took (optional)',
  unit: 'whole',
  initial: '',
  optional: true,
}

/** The numbers of a stop as they really were, how long it took, and a note. */
export function ActForm({
  fields: own,
  manner,
  label,
  onKeep,
  onCancel,
}: {
  fields: readonly ActField[]
  manner: Manner
  label: string
  onKeep: (numbers: Record<string, number | null>, note: string, minutes: number | null) => void
  onCancel: () => void
}) {
  const fields = useMemo(() => [...own, MINUTES], [own])
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
      const { note, minutes, ...numbers } = schema.cast(typed) as { note: string } & Record<
        string,
        number | null
      >
      // What the log counts in grams was typed as a mass, which is read in kg.
      for (const { name, unit } of fields)
        if (unit === 'grams' && typeof numbers[name] === 'number') numbers[name] *= 1000
      onKeep(numbers as Record<string, number | null>, note, minutes ?? null)
      return undefined
    },
  })
  return (
    <form onSubmit={submit} className="border-l-4 border-leaf bg-base-200 p-4" aria-label={label} noValidate>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] gap-3">
        {fields.map(({ name, label }, index) => (
          <TextField key={name} label={label} autoFocus={index === 0 && own.length > 0} {...field(name)} />
        ))}
        <TextField label="Note (optional)" autoFocus={own.length === 0} {...field('note')} />
      </div>
      <FormError message={problem} />
      <div className="mt-3 flex gap-2">
        <button className="btn btn-primary min-h-14 sm:min-h-11">Save</button>
        <button type="button" className="btn min-h-14 sm:min-h-11" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </form>
  )
}
