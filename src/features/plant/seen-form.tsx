'use client'

import { useMemo } from 'react'
import { mixed, object, type AnyObjectSchema } from 'yup'
import { v7 } from 'uuid'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import { PartHeading } from '../../components/advice/why'
import { toast } from 'sonner'
import type { Manner } from '../../core/facts'
import { enter, undo } from '../../data/log-actions'
import { quantityField, wholeField } from '../../wording/fields'
import type { PlantView } from './queries'

type SeenValues = Record<'leaves' | 'height', string>

/** Either may be left empty: then it was not looked at. */
function seenSchema(manner: Manner): AnyObjectSchema {
  const orNothing = (
    field: { cast: (typed: unknown) => unknown; isValidSync: (typed: unknown) => boolean },
    message: string,
  ) =>
    mixed<number>()
      .nullable()
      .transform((_, typed: unknown) =>
        isEmpty(typed) ? null : field.isValidSync(typed) ? field.cast(typed) : NaN,
      )
      .test('sound', message, (value) => value === null || !Number.isNaN(value))
  return object({
    leaves: orNothing(wholeField(1, 200, 'how many'), 'A whole number from 1 to 200, or nothing.'),
    height: orNothing(
      quantityField('length', manner, { low: 0.02, high: 6 }),
      'A length such as 62 cm or 2 ft, or nothing.',
    ),
  })
}

const isEmpty = (typed: unknown) => typed === null || String(typed ?? '').trim() === ''

/** What is seen on the plant today: the model follows it. */
export function SeenForm({ view, onKept }: { view: PlantView; onKept: () => void }) {
  const { id: plantId, manner, on } = view
  const schema = useMemo(() => seenSchema(manner), [manner])
  const { submit, field, busy, problem, form } = useCheckedForm<SeenValues>({
    schema,
    defaults: { leaves: '', height: '' },
    send: async (typed) => {
      const data = schema.cast(typed) as { leaves: number | null; height: number | null }
      if (data.leaves === null && data.height === null)
        return { form: 'Say how many leaves or how high, or both.' }
      const id = v7()
      const answer = await enter([
        { id, subject: { type: 'plant', id: plantId }, kind: 'seen', on, data, note: '' },
      ])
      if (!answer.ok) return { form: answer.message }
      form.reset()
      toast('Kept: the plant is drawn as you see it.', {
        action: { label: 'Take back', onClick: () => void undo({ id: v7(), entry: id }) },
      })
      onKept()
    },
  })
  return (
    <form aria-label="What you see" onSubmit={(event) => void submit(event)} noValidate>
      <PartHeading>Does it look otherwise?</PartHeading>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Leaves on the main stem, from the seedling on"
          inputMode="numeric"
          {...field('leaves')}
        />
        <TextField label="Height of its tip" {...field('height')} />
      </div>
      <FormError message={problem} />
      <button className="btn mt-2 min-h-11 bg-base-100" disabled={busy}>
        Draw it so
      </button>
    </form>
  )
}
