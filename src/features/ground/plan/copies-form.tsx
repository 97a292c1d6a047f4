'use client'

import { useMemo } from 'react'
import { object } from 'yup'
import { v7 } from 'uuid'
import { FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { MOST_NEW_PLACES } from '../../../core/bounds'
import type { GroundEdit, Place } from '../../../core/facts'
import { likePlace } from '../../../core/ground'
import { wholeField } from '../../../wording/fields'
import { sayCount } from '../../../wording/say'
import type { Piece } from './piece'

/** More places like one, numbered on, beside what is there. */
export function CopiesForm({
  place,
  pieces,
  onEdit,
}: {
  place: Place
  pieces: readonly Piece[]
  onEdit: (edits: GroundEdit[], words: string) => Promise<string | null>
}) {
  const schema = useMemo(() => object({ many: wholeField(1, MOST_NEW_PLACES, 'how many more') }), [])
  const { submit, field, busy, problem } = useCheckedForm<{ many: string }>({
    schema,
    defaults: { many: '1' },
    send: async (values) => {
      const { many } = schema.validateSync(values)
      const places = pieces.flatMap(({ of, row }) => (of === 'place' ? [row] : []))
      const around = pieces.flatMap(({ of, row }) => (of === 'obstacle' ? [row] : []))
      const ids = Array.from({ length: many }, () => v7())
      const made = likePlace(place, many, places, around, ids)
      const words =
        many === 1 ? `${made[0]!.name} is there.` : `${sayCount(many, 'place')} like ${place.name} are there.`
      const fault = await onEdit(
        made.map((row) => ({ of: 'place', id: row.id, row })),
        words,
      )
      return fault === null ? undefined : { form: fault }
    },
  })
  return (
    <form onSubmit={submit} noValidate aria-label={`More like ${place.name}`} className="mt-4">
      <div className="flex items-end gap-2">
        <div className="w-24">
          <TextField label="Make more" inputMode="numeric" {...field('many')} />
        </div>
        <button className="btn min-h-11 bg-base-100" disabled={busy}>
          like {place.name}
        </button>
      </div>
      <FormError message={problem} />
    </form>
  )
}
