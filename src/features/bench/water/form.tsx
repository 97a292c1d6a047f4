'use client'

import { TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import type { Manner } from '../../../core/facts'
import { sayLitres } from '../../../wording/watering'
import type { PlaceWaterView } from './queries'

/** What a place was given: watered through, or so many litres. */
export function WaterForm({
  place,
  manner,
  busy,
  onWater,
}: {
  place: PlaceWaterView
  manner: Manner
  busy: boolean
  onWater: (litres: number) => void
}) {
  const through = Math.max(0.1, Math.round(place.toFill * 10) / 10)
  const schema = async () => (await import('./watered-schema')).wateredSchema(manner)
  const form = useCheckedForm({
    schema,
    defaults: { litres: sayLitres(through, manner).replaceAll('\u00a0', ' ') },
    send: async (typed) => {
      onWater((await schema()).cast(typed).litres)
      return undefined
    },
  })
  return (
    <form aria-label="Watered" className="flex flex-wrap items-end gap-3" onSubmit={form.submit} noValidate>
      <div className="w-44">
        <TextField label="Amount given" {...form.field('litres')} />
      </div>
      <button className="btn min-h-11 btn-primary" disabled={busy || form.busy}>
        Record watering
      </button>
      {through < place.litres && (
        <span className="self-center text-quiet">
          Today {sayLitres(through, manner)} is enough: its roots hold no more yet.
        </span>
      )}
    </form>
  )
}
