'use client'

import { useState } from 'react'
import { useFieldArray, useWatch } from 'react-hook-form'
import { Figures } from '../../../components/advice/figures'
import { PartHeading } from '../../../components/advice/why'
import { FormError, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { knownFeeds } from '../../../core/feeding'
import {
  bagOf,
  blendOf,
  blendSchema,
  fedBlend,
  MOST_BAGS,
  readRatio,
  solved,
  type TypedBag,
} from './blend.model'
import type { MixView } from './queries'
import { SendToPlace } from './send-to-place'
import { inEither } from '../../../wording/either'

const LABELS = { n: 'N, %', p2o5: 'P₂O₅, %', k2o: 'K₂O, %', density: 'Bulk, g/mL' } as const

/** What came out of mixing several bags, and how much of each would make what is wanted. */
export function BlendBench({ view }: { view: MixView }) {
  const { manner } = view
  const known = knownFeeds(view.products)
  const sold = (name: string, volume: string) =>
    bagOf(
      known.find((one) => one.name === name)!,
      volume,
      manner,
    )
  const { form, field, typed, values, faults } = useCalculator({
    schema: blendSchema(manner),
    defaults: {
      bags: [
        sold('Seed meal', inEither(manner, '500 mL', '2 cups')),
        sold('Bone meal', inEither(manner, '250 mL', '1 cup')),
        sold('Sulfate of potash', inEither(manner, '60 mL', '1/4 cup')),
      ],
      ratio: '3-1-4',
      nitrogen: '20',
    },
  })
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'bags' })
  // What was solved holds until a bag is changed.
  const bags = useWatch({ control: form.control, name: 'bags' })
  const [found, setFound] = useState<{ said: string; of: string } | null>(null)
  const blend = values.bags && blendOf(values.bags, manner)
  const wanted = readRatio(typed.ratio)

  const solve = () => {
    if (!wanted || values.nitrogen === null) return
    const answer = solved(bags, wanted, values.nitrogen, manner)
    if (!answer) return
    const next = answer.volumes
      ? bags.map((bag, index): TypedBag => ({ ...bag, volume: answer.volumes![index]! }))
      : bags
    form.setValue('bags', next)
    setFound({ said: answer.said, of: JSON.stringify(next) })
  }

  return (
    <section aria-label="Blend">
      <h1 className="text-3xl font-semibold">{blend?.answer ?? 'What is in the mix?'}</h1>
      <p className="mt-1 text-quiet">N – P₂O₅ – K₂O in percent, as on a label. {blend?.holds}</p>
      <div className="mt-3 space-y-2">
        {fields.map(({ id }, index) => (
          <fieldset
            key={id}
            className="grid grid-cols-6 items-start gap-2 sm:grid-cols-[minmax(0,2fr)_repeat(4,minmax(0,1fr))_minmax(0,1.4fr)_auto]"
          >
            <legend className="sr-only">Bag {index + 1}</legend>
            <div className="max-sm:col-span-6">
              <TextField
                label="Bag"
                list="common-products"
                {...field(`bags.${index}.name`, () => {
                  const { name, volume } = form.getValues(`bags.${index}`)
                  const product = known.find((one) => one.name === name)
                  if (product) form.setValue(`bags.${index}`, bagOf(product, volume, manner))
                })}
              />
            </div>
            {(['n', 'p2o5', 'k2o', 'density'] as const).map((key) => (
              <div key={key} className="max-sm:col-span-2">
                <TextField label={LABELS[key]} inputMode="decimal" {...field(`bags.${index}.${key}`)} />
              </div>
            ))}
            <div className="max-sm:col-span-3">
              <TextField label="Volume" {...field(`bags.${index}.volume`)} />
            </div>
            <button
              type="button"
              className="btn mt-6 min-h-11 btn-ghost"
              disabled={fields.length === 1}
              aria-label={`Remove ${bags[index]?.name || `bag ${index + 1}`}`}
              onClick={() => remove(index)}
            >
              Remove
            </button>
          </fieldset>
        ))}
        <datalist id="common-products">
          {known.map(({ id, name }) => (
            <option key={id} value={name} />
          ))}
        </datalist>
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={fields.length >= MOST_BAGS}
          onClick={() => append(sold('Balanced granules', inEither(manner, '100 mL', '1 cup')))}
        >
          Add a bag
        </button>
      </div>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        <form
          aria-label="Reach a ratio"
          onSubmit={(event) => {
            event.preventDefault()
            solve()
          }}
        >
          <PartHeading>Reach a ratio with these bags</PartHeading>
          <div className="flex flex-wrap items-start gap-2">
            <div className="w-32">
              <TextField label="N – P₂O₅ – K₂O" {...field('ratio')} />
            </div>
            <div className="w-32">
              <TextField label="Total nitrogen, g" inputMode="decimal" {...field('nitrogen')} />
            </div>
            <button className="btn mt-6 min-h-11 btn-primary">Work it out</button>
          </div>
          {found?.of === JSON.stringify(bags) && (
            <p role="status" className="mt-2 border-l-4 border-feed bg-base-200 px-3 py-2">
              {found.said}
            </p>
          )}
        </form>
        {blend ? (
          <div>
            <PartHeading>How it is worked out</PartHeading>
            <Figures lines={blend.lines} />
            <p className="mt-1 border-t border-base-300 pt-1 text-sm font-semibold tabular-nums">
              {blend.sum}
            </p>
          </div>
        ) : (
          Object.keys(faults).some((path) => path.startsWith('bags')) && (
            <FormError message="One of the bags has a number that cannot be read. See its line." />
          )
        )}
      </div>
      {blend && blend.mass > 0 && <SendToPlace view={view} fed={fedBlend(values.bags!, blend)} />}
    </section>
  )
}
