'use client'

import { useAct, type ActDay } from '../act/use-act'
import { ChoiceField, FormError, TextField } from './fields'
import { useCheckedForm } from './use-checked-form'
import { formatMeasure } from '../../core/quantity'

/** A thermometer reading in a place, or in one of several: everything that hangs on its soil follows. */
export function SoilReadingForm({
  places,
  depth,
  on,
  now,
  manner,
}: {
  places: readonly { id: string; name: string }[]
  depth: number
} & ActDay) {
  const { put } = useAct({ on, now, manner })
  const schema = async () => (await import('./soil-reading-schema')).soilReadingSchema(manner)
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
      const subject = { type: 'place', id: typed.place } as const
      const { temperature, depth } = (await schema()).cast(typed)
      const entries = [{ subject, kind: 'soil-read' as const, data: { temperature, depth } }]
      const result = await put({ entries, said: 'Soil reading saved.' })
      if (!result.ok) return { form: result.message }
      form.resetField('temperature')
      return undefined
    },
  })
  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      className="mt-3 max-w-md"
      aria-label="Soil thermometer"
    >
      {places.length > 1 && (
        <ChoiceField label="Place" {...field('place')}>
          {places.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </ChoiceField>
      )}
      <div className="mt-2 grid grid-cols-2 items-start gap-2 sm:grid-cols-[1fr_1fr_auto]">
        <TextField label="Thermometer says" {...field('temperature')} />
        <TextField label="at a depth of" {...field('depth')} />
        <button className="btn min-h-11 max-sm:col-span-full sm:mt-6" disabled={busy}>
          Save reading
        </button>
      </div>
      <FormError message={problem} />
    </form>
  )
}
