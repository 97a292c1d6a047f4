'use client'

import type { Manner } from '../../../core/facts'
import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { say } from '../../../components/say'
import { v7 } from 'uuid'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { NITROGEN_FORMS, RELEASES, type Product } from '../../../core/feeding'
import { keepProduct } from '../actions'
import { NITROGEN_NAMES, RELEASE_NAMES } from '../../../wording/feed-schools'
import { productSchema, typedProduct, type ProductValues } from './product-schema'

/** A feed by its label. */
export function ProductForm({
  product,
  manner,
  onDone,
}: {
  product: Product | null
  manner: Manner
  onDone: () => void
}) {
  // One id for the whole life of the form: sent twice, it is the same feed.
  const id = useMemo(() => product?.id ?? v7(), [product])
  const { form, submit, field, busy, problem } = useCheckedForm<ProductValues>({
    schema: productSchema,
    defaults: typedProduct(product, manner),
    send: async (values, { shown }) => {
      const problems = await keepProduct(id, values, product && shown)
      if (problems) return problems
      say(`${values.name.trim()} is saved.`)
      onDone()
    },
  })
  const [release, liquid] = useWatch({ control: form.control, name: ['release', 'liquid'] })
  const measure = liquid ? 'mL' : 'g'
  return (
    <form
      className="mt-3 grid grid-cols-3 gap-3 border-t-2 border-base-300 pt-3 sm:grid-cols-6"
      aria-label={product ? `Change ${product.name}` : 'Add a feed'}
      onSubmit={(event) => void submit(event)}
      noValidate
    >
      <div className="col-span-3">
        <TextField label="What it says on the bag" {...field('name')} />
      </div>
      <TextField label="N, %" inputMode="decimal" {...field('n')} />
      <TextField label="P₂O₅, %" inputMode="decimal" {...field('p2o5')} />
      <TextField label="K₂O, %" inputMode="decimal" {...field('k2o')} />
      <div className="col-span-3 sm:col-span-2">
        <ChoiceField label="Its nitrogen" {...field('nitrogen')}>
          {NITROGEN_FORMS.map((one) => (
            <option key={one} value={one}>
              {NITROGEN_NAMES[one]}
            </option>
          ))}
        </ChoiceField>
      </div>
      <div className="col-span-3 sm:col-span-2">
        <ChoiceField label="How it is released" {...field('release')}>
          {RELEASES.map((one) => (
            <option key={one} value={one}>
              {RELEASE_NAMES[one]}
            </option>
          ))}
        </ChoiceField>
      </div>
      <label className="flex min-h-11 items-center gap-2 self-end">
        <input type="checkbox" className="checkbox" {...form.register('liquid')} /> a liquid
      </label>
      <TextField label="Density, g/mL" inputMode="decimal" {...field('bulkDensity')} />
      {release === 'coated' && (
        <div className="col-span-2">
          <TextField label="Lasts, days" inputMode="decimal" {...field('releaseDays')} />
        </div>
      )}
      <div className="col-span-3 sm:col-span-2">
        <TextField
          label={`Label’s full rate, ${measure} per liter`}
          hint="Leave blank if it is not for the can"
          inputMode="decimal"
          {...field('labelRate')}
        />
      </div>
      <div className="col-span-3 sm:col-span-2">
        <TextField
          label={`Most per plant by the label, ${measure}`}
          hint="Leave blank if it gives none"
          inputMode="decimal"
          {...field('labelPlant')}
        />
      </div>
      <TextField label={`Pack, ${measure}`} inputMode="decimal" {...field('pack')} />
      <TextField label="Price" inputMode="decimal" {...field('price')} />
      <div className="col-span-3 space-y-2 sm:col-span-6">
        <FormError message={problem} />
        <span className="flex gap-2">
          <button className="btn min-h-11 btn-primary" disabled={busy}>
            Save
          </button>
          <button type="button" className="btn min-h-11 bg-base-100" onClick={onDone}>
            Cancel
          </button>
        </span>
      </div>
    </form>
  )
}
