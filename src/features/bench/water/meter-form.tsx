'use client'

import { TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'

/** What a meter shows of the soil's water. */
export function MeterForm({ busy, onRead }: { busy: boolean; onRead: (content: number) => void }) {
  const schema = async () => (await import('./watered-schema')).meterSchema
  const form = useCheckedForm({
    schema,
    defaults: { content: '' },
    send: async (typed) => {
      onRead((await schema()).cast(typed).content)
      return undefined
    },
  })
  return (
    <form
      aria-label="Meter"
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={form.submit}
      noValidate
    >
      <div className="w-44">
        <TextField label="Or a meter reading, %" inputMode="decimal" {...form.field('content')} />
      </div>
      <button className="btn min-h-11 bg-base-100" disabled={busy || form.busy}>
        Save reading
      </button>
    </form>
  )
}
