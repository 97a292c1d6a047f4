'use client'

import { Cautions, PartHeading } from '../../../components/advice/why'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import type { Crop } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { sayCautions } from '../../../wording/cautions'
import { SCHOOLS, THIN_EVIDENCE } from '../../../wording/feed-schools'
import { written } from '../../../wording/written'
import { feedByHandSchema, seasonsWant, usualFruit } from './by-hand.model'
import { PlantDose } from './plant-dose'

/** What a season's crop takes up, without any record of it, and what one plant is given. */
export function FeedByHand({ manner }: { manner: Manner }) {
  const { form, field, typed, values, all } = useCalculator({
    schema: feedByHandSchema(manner),
    defaults: { crop: 'tomato', plants: '6', fruit: usualFruit('tomato', manner) },
  })
  const want = all && seasonsWant(all, manner)
  return (
    <div className="space-y-6">
      <section aria-label="A season’s want">
        <h1 className="text-3xl font-semibold">{want?.answer ?? 'How much does the crop use?'}</h1>
        {want && <p className="mt-1 text-lg text-quiet">{want.more}</p>}
        <div className="mt-3 grid gap-3 sm:grid-cols-3">
          <ChoiceField
            label="Crop"
            {...field('crop', () =>
              form.setValue('fruit', usualFruit(form.getValues('crop') as Crop, manner)),
            )}
          >
            <option value="tomato">tomatoes</option>
            <option value="pepper">peppers</option>
          </ChoiceField>
          <TextField label="Plants" inputMode="numeric" {...field('plants')} />
          <TextField label="Fruit per plant you hope for" {...field('fruit')} />
        </div>
        {want && <p className="mt-2 text-sm text-quiet">{want.line}</p>}
      </section>
      <PlantDose
        key={typed.crop}
        manner={manner}
        products={[]}
        wanted={want?.each ?? 2}
        plants={values.plants}
      />
      <section aria-label="Feeding methods">
        <PartHeading>Four ways to feed for a season</PartHeading>
        <ul>
          {SCHOOLS.map(({ id, name, what, suits }) => (
            <li key={id} className="border-t border-base-300 py-1.5">
              <strong>{name}</strong>: {written(what, manner)} <span className="text-quiet">{suits}</span>
            </li>
          ))}
        </ul>
        <PartHeading>Popular, with little evidence</PartHeading>
        <ul className="text-sm">
          {THIN_EVIDENCE.map((text) => (
            <li key={text} className="border-t border-base-300 py-1.5">
              {text}
            </li>
          ))}
        </ul>
      </section>
      <Cautions texts={sayCautions(['label-is-limit'], manner)} />
    </div>
  )
}
