'use client'

import { useMemo } from 'react'
import { say } from '../../components/say'
import { DateField } from '../../components/forms/date-field'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm, type FormProblems } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { correctSchema } from './correct-schema'
import type { CorrectField } from './correctable'

/** An entry as it should have been: its day, its numbers and its note, typed again. */
export function CorrectForm({
  entry: { about, on, note, fields },
  manner,
  now,
  save,
  onDone,
}: {
  entry: { about: string; on: IsoDate; note: string; fields: readonly CorrectField[] }
  manner: Manner
  now: IsoDate
  /** @returns what is wrong with it; nothing: it was saved */
  save: (typed: Record<string, string>, sure: boolean) => Promise<FormProblems | undefined>
  onDone: () => void
}) {
  const { submit, field, busy, problem } = useCheckedForm<Record<string, string>>({
    schema: useMemo(() => correctSchema(fields, manner, now), [fields, manner, now]),
    defaults: {
      on: formatDate(on, manner, 'full'),
      note,
      ...Object.fromEntries(fields.map(({ name, initial }) => [name, initial])),
    },
    send: async (typed, { sure }) => {
      const problems = await save(typed, sure)
      if (problems) return problems
      say(`Corrected: ${about}.`)
      onDone()
    },
  })
  return (
    <form
      aria-label={`Correct ${about}`}
      className="mb-2 border-l-4 border-leaf bg-base-200 p-4"
      onSubmit={(event) => void submit(event)}
      noValidate
    >
      <div className="grid grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] gap-3">
        <DateField label="Day" manner={manner} last={now} {...field('on')} />
        {fields.map(({ name, label }) => (
          <TextField key={name} label={label} {...field(name)} />
        ))}
        <TextField label="Note (optional)" {...field('note')} />
      </div>
      <FormError message={problem} />
      <div className="mt-3 flex gap-2">
        <button className="btn min-h-11 btn-primary" disabled={busy}>
          Save
        </button>
        <button type="button" className="btn min-h-11" onClick={onDone}>
          Cancel
        </button>
      </div>
    </form>
  )
}
