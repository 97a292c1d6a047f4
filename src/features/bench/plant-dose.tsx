'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { ChoiceField, TextField } from '../../components/forms/fields'
import {
  knownFeeds,
  COMMON_PRODUCTS,
  LAYINGS,
  plantDose,
  type Laying,
  type Product,
} from '../../core/feeding'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { LAYING_NAMES } from './feed-words'
import { FeedOptions } from './feed-options'
import { errorOf, readNumber, plain, valueOf } from './numbers'

/** What one plant is given of a dry feed, and where it is laid. */
export function PlantDose({
  manner,
  products,
  selfWatering = false,
  wanted = 2,
  plants = null,
}: {
  manner: Manner
  products: readonly Product[]
  selfWatering?: boolean
  /** g of nitrogen a plant. */
  wanted?: number
  plants?: number | null
}) {
  const dry = knownFeeds(products).filter(({ liquid, n }) => !liquid && n > 0)
  const [id, setId] = useState(COMMON_PRODUCTS[0]!.id)
  const [laying, setLaying] = useState<Laying>(selfWatering ? 'band' : 'ring')
  const [nitrogen, setNitrogen] = useState(plain(selfWatering ? 10 : Math.max(0.5, wanted)))
  const read = readNumber(nitrogen, 0.1, 200)
  const product = dry.find((one) => one.id === id) ?? dry[0]!
  const grams = valueOf(read)
  const dose = grams === null ? null : plantDose(product, laying, { wanted: grams })
  const mass = (value: number) => formatMeasure({ kind: 'mass', value: value / 1000 }, manner)
  const length = (value: number) => formatMeasure({ kind: 'length', value }, manner)
  return (
    <section aria-label="For one plant">
      <PartHeading>How much a plant, and where it lies</PartHeading>
      <div className="grid gap-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1.3fr)_minmax(0,1fr)]">
        <ChoiceField label="Feed" value={product.id} onChange={({ target }) => setId(target.value)}>
          <FeedOptions own={products} />
        </ChoiceField>
        <ChoiceField
          label="Laid"
          value={laying}
          onChange={({ target }) => {
            setLaying(target.value as Laying)
            if (target.value === 'band') setNitrogen('10')
          }}
        >
          {LAYINGS.map((one) => (
            <option key={one} value={one}>
              {LAYING_NAMES[one].name}
            </option>
          ))}
        </ChoiceField>
        <TextField
          label="Nitrogen a plant, g"
          inputMode="decimal"
          value={nitrogen}
          error={errorOf(read)}
          onChange={({ target }) => setNitrogen(target.value)}
        />
      </div>
      {dose && (
        <>
          <p className="mt-2 text-lg" role="status">
            <strong>
              {mass(dose.grams)} ({formatMeasure({ kind: 'volume', value: dose.millilitres / 1000 }, manner)})
              a plant
            </strong>
            {plants !== null && `, ${mass(dose.grams * plants)} for all ${plants}`},{' '}
            {laying === 'hole'
              ? `within ${length(dose.to)} of the root ball`
              : `from ${length(dose.from)} to ${length(dose.to)} from the stem`}
            : {LAYING_NAMES[laying].how}.
          </p>
          {dose.overLabel && (
            <p role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
              This is over what its label gives a plant: the label is the limit.
            </p>
          )}
          <p className="text-sm text-quiet">
            {plain(grams!)} g of N ÷ {product.n} % = {plain(dose.grams, 0)} g; ÷ {product.bulkDensity} g/mL ={' '}
            {plain(dose.millilitres, 0)} mL.{' '}
            {laying === 'band'
              ? 'Ten grams of nitrogen carry a plant through its season in a self-watering box, where the box’s label says nothing else.'
              : 'Meals and castings: again after four to six weeks. A liquid goes on moist soil each 7–14 days.'}
          </p>
        </>
      )}
    </section>
  )
}
