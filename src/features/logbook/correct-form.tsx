'use client'

import { useRouter } from '../../components/offline'
import { useMemo } from 'react'
import { say } from '../../components/say'
import { v7 } from 'uuid'
import { DateField } from '../../components/forms/date-field'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { correctEntry } from './actions'
import { correctSchema } from './correct-schema'
import type { LogLine } from './queries'

/** An entry as it should have been: the one before is taken back, and both are kept. */
export function CorrectForm({
  line,
  manner,
  now,
  onDone,
}: {
  line: LogLine
  manner: Manner
  now: IsoDate
  onDone: () => void
}) {
  const { fields, id, on, note, about } = line
  const ids = useMemo(() => ({ entry: v7(), taken: v7() }), [])
  const router = useRouter()
  const { submit, field, busy, problem } = useCheckedForm<Record<string, string>>({
    schema: useMemo(() => correctSchema(fields, manner, now), [fields, manner, now]),
    defaults: {
      on: formatDate(on, manner, 'full'),
      note,
      ...Object.fromEntries(fields.map(({ name, initial }) => [name, initial])),
    },
    send: async (typed, { sure }) => {
      const problems = await correctEntry(id, ids, typed, sure)
      if (problems) return problems
      say(`Corrected: ${about}.`)
      onDone()
      router.refresh()
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
