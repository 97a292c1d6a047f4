'use client'

import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { COMMON_PRODUCTS, knownFeeds, LAYINGS, type Product } from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import { LAYING_NAMES } from '../../../wording/feed-schools'
import { typedNumber } from '../../../wording/say'
import { FeedOptions } from './options'
import { BOX_NITROGEN, doseOfPlant, doseSchema } from './plant-dose.model'

/** What one plant is given of a dry feed, and where it is laid. */
export function PlantDose({
  manner,
  products,
  selfWatering = false,
  wanted = 2,
  plants = null,
  advised,
}: {
  manner: Manner
  products: readonly Product[]
  selfWatering?: boolean
  /** g of nitrogen a plant. */
  wanted?: number
  plants?: number | null
  /** The feed that is advised, by its name. */
  advised?: string | undefined
}) {
  const dry = knownFeeds(products).filter(({ liquid, n }) => !liquid && n > 0)
  const [id, setId] = useState((dry.find(({ name }) => name === advised) ?? COMMON_PRODUCTS[0]!).id)
  const product = dry.find((one) => one.id === id) ?? dry[0]!
  const { form, field, all } = useCalculator({
    schema: doseSchema,
    defaults: {
      laying: selfWatering ? 'band' : 'ring',
      nitrogen: selfWatering ? BOX_NITROGEN : typedNumber(Number(Math.max(0.5, wanted).toFixed(1)), manner),
    },
  })
  const dose = all && doseOfPlant(product, all, plants, manner)
  return (
    <section aria-label="For one plant">
      <PartHeading>How much per plant, and where to put it</PartHeading>
      <div className="grid gap-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1.3fr)_minmax(0,1fr)]">
        <ChoiceField label="Feed" value={product.id} onChange={({ target }) => setId(target.value)}>
          <FeedOptions own={products} manner={manner} />
        </ChoiceField>
        <ChoiceField
          label="Placement"
          {...field('laying', () => {
            if (form.getValues('laying') === 'band') form.setValue('nitrogen', BOX_NITROGEN)
          })}
        >
          {LAYINGS.map((one) => (
            <option key={one} value={one}>
              {LAYING_NAMES[one].name}
            </option>
          ))}
        </ChoiceField>
        <TextField label="Nitrogen per plant, g" inputMode="decimal" {...field('nitrogen')} />
      </div>
      {dose && (
        <>
          <p className="mt-2 text-lg" role="status">
            <strong>{dose.each}</strong>
            {dose.where}
          </p>
          {dose.overLabel && (
            <p role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
              This is more than the label allows per plant. Do not go above the label.
            </p>
          )}
          <p className="text-sm text-quiet">
            {dose.line} {dose.note}
          </p>
        </>
      )}
    </section>
  )
}
