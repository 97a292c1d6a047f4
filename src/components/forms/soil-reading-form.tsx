'use client'

import { useMemo, useState } from 'react'
import { toast } from 'sonner'
import { object } from 'yup'
import { v7 } from 'uuid'
import { PastQuestion } from '../past-question'
import { undoEntry } from '../undoing'
import { ChoiceField, FormError, TextField } from './fields'
import { useCheckedForm } from './use-checked-form'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { LogEntry } from '../../core/log'
import { formatMeasure } from '../../core/quantity'
import { formatDate } from '../../wording/dates'
import { quantityField } from '../../wording/fields'

/** How a reading is kept, and taken back. */
interface Log {
  enter: (
    drafts: Omit<LogEntry<'soil-read'>, 'at' | 'voids'>[],
  ) => Promise<{ ok: true } | { ok: false; message: string }>
  undo: (voiding: { id: string; entry: string }) => Promise<{ ok: true } | { ok: false; message: string }>
}

/** A thermometer reading in a place, or in one of several: everything that hangs on its soil follows. */
export function SoilReadingForm({
  places,
  depth,
  on,
  now,
  manner,
  enter,
  undo,
}: {
  places: readonly { id: string; name: string }[]
  depth: number
  on: IsoDate
  now: IsoDate
  manner: Manner
} & Log) {
  const [asks, setAsks] = useState(false)
  const schema = useMemo(
    () =>
      object({
        temperature: quantityField('temperature', manner, { low: -30, high: 60 }),
        depth: quantityField('length', manner, { low: 0, high: 1 }),
      }),
    [manner],
  )
  const { form, submit, field, busy, problem } = useCheckedForm<{
    place: string
    temperature: string
    depth: string
  }>({
    schema,
    defaults: {
      place: places[0]!.id,
      temperature: '',
      depth: formatMeasure({ kind: 'length', value: depth }, manner).replaceAll('\u00a0', ' '),
    },
    send: async (typed) => {
      const id = v7()
      const result = await enter([
        {
          id,
          subject: { type: 'place', id: typed.place },
          kind: 'soil-read',
          on,
          data: { temperature: schema.cast(typed).temperature, depth: schema.cast(typed).depth },
          note: '',
        },
      ])
      if (!result.ok) return { form: result.message }
      form.resetField('temperature')
      toast('Soil reading kept.', { action: undoEntry('the soil reading', id, undo) })
      return undefined
    },
  })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (on < now) setAsks(true)
        else void submit()
      }}
      noValidate
      className="mt-3 max-w-md"
      aria-label="Soil thermometer"
    >
      {asks && (
        <PastQuestion
          date={formatDate(on, manner, 'full')}
          onAnswer={(yes) => {
            setAsks(false)
            if (yes) void submit()
          }}
        />
      )}
      {places.length > 1 && (
        <ChoiceField label="Place" {...field('place')}>
          {places.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </ChoiceField>
      )}
      <div className="mt-2 grid grid-cols-[1fr_1fr_auto] items-start gap-2">
        <TextField label="Thermometer says" {...field('temperature')} />
        <TextField label="at a depth of" {...field('depth')} />
        <button className="btn mt-6 min-h-11" disabled={busy}>
          Keep reading
        </button>
      </div>
      <FormError message={problem} />
    </form>
  )
}
