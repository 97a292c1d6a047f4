'use client'

import { useMemo } from 'react'
import { mixed, object, type AnyObjectSchema } from 'yup'
import { PartHeading } from '../../components/advice/why'
import { FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import { useAct } from '../../components/act/use-act'
import type { Manner } from '../../core/facts'
import { quantityField, wholeField } from '../../wording/fields'
import type { PlantView } from './queries'
import { inEither } from '../../wording/either'

type SeenValues = Record<'leaves' | 'trusses' | 'height', string>
interface Seen {
  leaves: number | null
  trusses: number | null
  height: number | null
}

/** Each may be left empty: then it was not looked at. */
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
    leaves: orNothing(wholeField(1, 200, 'how many'), 'A whole number from 1 to 200, or leave it blank.'),
    trusses: orNothing(wholeField(0, 60, 'how many'), 'A whole number from 0 to 60, or leave it blank.'),
    height: orNothing(
      quantityField('length', manner, { low: 0.02, high: 6 }),
      `A length such as ${inEither(manner, '62 cm', '2 ft')}, or leave it blank.`,
    ),
  })
}

const isEmpty = (typed: unknown) => typed === null || String(typed ?? '').trim() === ''

/** What is seen on the plant: the model follows it. */
export function SeenForm({ view }: { view: PlantView }) {
  const { id: plantId, manner, plant } = view
  const schema = useMemo(() => seenSchema(manner), [manner])
  const { act, put, busy: isKeeping } = useAct(view)
  const subject = { type: 'plant', id: plantId } as const
  const { submit, field, busy, problem, form } = useCheckedForm<SeenValues>({
    schema,
    defaults: { leaves: '', trusses: '', height: '' },
    send: async (typed) => {
      const data = schema.cast(typed) as Seen
      if (data.leaves === null && data.height === null && data.trusses === null)
        return { form: 'Enter the number of leaves or open flower clusters, or the height.' }
      const said = 'Saved. The drawing now shows the plant as you see it.'
      const result = await put({ entries: [{ subject, kind: 'seen', data }], said })
      if (!result.ok) return { form: result.message }
      form.reset()
    },
  })
  const leaves = plant.stems[0]?.nodes.length ?? 0
  const count = (more: 1 | -1) =>
    void act({
      entries: [{ subject, kind: 'seen', data: { leaves: leaves + more, height: null } }],
      said: `Saved: ${leaves + more} leaves on the main stem.`,
    })
  return (
    <form aria-label="What you see" onSubmit={(event) => void submit(event)} noValidate>
      <PartHeading>Does it look different?</PartHeading>
      <p className="mb-2 flex flex-wrap items-center gap-2">
        {leaves} leaves on the main stem:
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={isKeeping || leaves < 2}
          onClick={() => count(-1)}
        >
          one fewer
        </button>
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={isKeeping || leaves < 1}
          onClick={() => count(1)}
        >
          one more
        </button>
      </p>
      <div className="grid gap-3 sm:grid-cols-3">
        <TextField
          label="Leaves on the main stem"
          inputMode="numeric"
          hint="From the first true leaf on"
          {...field('leaves')}
        />
        <TextField
          label="Flower clusters open or older"
          inputMode="numeric"
          hint="On the main stem"
          {...field('trusses')}
        />
        <TextField label="Height of the tip" {...field('height')} />
      </div>
      <FormError message={problem} />
      <button className="btn mt-2 min-h-11 bg-base-100" disabled={busy || isKeeping}>
        Save and redraw
      </button>
    </form>
  )
}
