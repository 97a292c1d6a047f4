'use client'

import { object } from 'yup'
import { useAct } from '../../../components/act/use-act'
import { PartHeading, Why } from '../../../components/advice/why'
import { FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { decimalField } from '../../../wording/fields'
import type { FeedDetail, FeedView } from './queries'

const FIELDS = [
  { key: 'ph', label: 'pH' },
  { key: 'organicMatter', label: 'Organic matter, %' },
  { key: 'p', label: 'P, mg/kg' },
  { key: 'k', label: 'K, mg/kg' },
  { key: 'ca', label: 'Ca, mg/kg' },
  { key: 'mg', label: 'Mg, mg/kg' },
  { key: 'ec', label: 'EC, dS/m' },
] as const
type Key = (typeof FIELDS)[number]['key']

const milligrams = () => decimalField(0, 100_000)
const soilTestSchema = object({
  ph: decimalField(3, 11),
  organicMatter: decimalField(0, 100),
  p: milligrams(),
  k: milligrams(),
  ca: milligrams(),
  mg: milligrams(),
  ec: decimalField(0, 100),
})

/** A laboratory's soil test of a place, and what it changes. */
export function SoilTestForm({ detail, view }: { detail: FeedDetail; view: FeedView }) {
  const { isAhead, put } = useAct(view)
  const { submit, field, busy, problem } = useCheckedForm<Record<Key, string>>({
    schema: soilTestSchema,
    defaults: Object.fromEntries(
      FIELDS.map(({ key }) => [key, detail.soilTest ? String(detail.soilTest[key]) : '']),
    ) as Record<Key, string>,
    send: async (typed) => {
      const answer = await put({
        entries: [
          {
            subject: { type: 'place', id: detail.id },
            kind: 'soil-tested',
            data: soilTestSchema.cast(typed),
          },
        ],
        said: `Saved: the soil test of ${detail.name}.`,
      })
      return answer.ok || !answer.message ? undefined : { form: answer.message }
    },
  })
  if (detail.isPot) return null
  return (
    <section aria-label="Soil test">
      <Why reasons={detail.soilReasons} heading="What the soil test says" />
      {!isAhead && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2">
            {detail.soilTest ? 'Enter a newer soil test' : 'Enter a soil test'}
          </summary>
          <form onSubmit={submit} noValidate>
            <PartHeading>From the laboratory’s sheet</PartHeading>
            <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
              {FIELDS.map(({ key, label }) => (
                <TextField key={key} label={label} inputMode="decimal" {...field(key)} />
              ))}
            </div>
            <FormError message={problem} />
            <button className="btn mt-2 min-h-11 bg-base-100" disabled={busy}>
              Save the test
            </button>
          </form>
        </details>
      )}
    </section>
  )
}
