'use client'

import { useMemo, useState } from 'react'
import { toast } from 'sonner'
import { object } from 'yup'
import { v7 } from 'uuid'
import { FormError, TextField } from '../../components/forms/fields'
import { PastQuestion } from '../../components/past-question'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { enter, undo } from '../../data/log-actions'
import { formatDate } from '../../wording/dates'
import { quantityField } from '../../wording/fields'

/** A thermometer reading in a place: everything that hangs on its soil follows. */
export function SoilReadingForm({
  placeId,
  depth,
  on,
  now,
  manner,
}: {
  placeId: string
  depth: number
  on: IsoDate
  now: IsoDate
  manner: Manner
}) {
  const [asks, setAsks] = useState(false)
  const schema = useMemo(
    () =>
      object({
        temperature: quantityField('temperature', manner, { low: -30, high: 60 }),
        depth: quantityField('length', manner, { low: 0, high: 1 }),
      }),
    [manner],
  )
  const { form, submit, field, busy, problem } = useCheckedForm<{ temperature: string; depth: string }>({
    schema,
    defaults: {
      temperature: '',
      depth: formatMeasure({ kind: 'length', value: depth }, manner).replaceAll('\u00a0', ' '),
    },
    send: async (typed) => {
      const id = v7()
      const result = await enter([
        {
          id,
          subject: { type: 'place', id: placeId },
          kind: 'soil-read',
          on,
          data: schema.cast(typed),
          note: '',
        },
      ])
      if (!result.ok) return { form: result.message }
      form.resetField('temperature')
      toast('Soil reading kept.', {
        action: { label: 'Take back', onClick: () => void undo({ id: v7(), entry: id }) },
      })
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
      <div className="grid grid-cols-[1fr_1fr_auto] items-start gap-2">
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
