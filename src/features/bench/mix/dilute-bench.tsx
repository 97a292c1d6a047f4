'use client'

import { typedNumber } from '../../../wording/say'
import { useState } from 'react'
import { Figures } from '../../../components/advice/figures'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { knownFeeds, type Product } from '../../../core/feeding'
import type { Manner } from '../../../core/facts'
import { sayGrade, STRENGTHS } from '../../../wording/doses'
import { dilution, dilutionSchema, solutionNote, usualDilution } from './dilute.model'
import { SaltFields } from './salt-fields'

/** What goes into a can or tank, by the label and a share of its rate. */
export function DiluteBench({ manner, products }: { manner: Manner; products: readonly Product[] }) {
  const known = knownFeeds(products).filter(({ labelRate }) => labelRate !== null)
  const [feed, setFeed] = useState<Product | null>(null)
  const [strength, setStrength] = useState(0.5)
  const { field, values, form } = useCalculator({
    schema: dilutionSchema(manner),
    defaults: usualDilution(manner),
  })
  const made = dilution(values, feed, strength, manner)
  return (
    <section aria-label="Dilute">
      <h2 className="text-2xl font-semibold">{made?.answer ?? 'How much into the can?'}</h2>
      {made?.overLabel && (
        <p role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
          This is more than the label’s full rate. Do not go above the label.
        </p>
      )}
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <ChoiceField
          label="Feed"
          value={feed?.id ?? ''}
          onChange={({ target }) => {
            const found = known.find(({ id }) => id === target.value) ?? null
            setFeed(found)
            if (!found) return
            form.setValue('rate', found.labelRate === null ? '' : typedNumber(found.labelRate, manner))
            form.setValue('nitrogen', typedNumber(found.n, manner))
            form.setValue('form', found.nitrogen)
          }}
        >
          <option value="">from the numbers below</option>
          {known.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name} {sayGrade(one, manner)}
            </option>
          ))}
        </ChoiceField>
        <TextField label="Label’s full rate, g or mL per liter" inputMode="decimal" {...field('rate')} />
        <TextField label="Amount of water" {...field('water')} />
        <TextField label="Its nitrogen, %" inputMode="decimal" {...field('nitrogen')} />
        <SaltFields field={field} />
      </div>
      <fieldset className="mt-3">
        <legend className="text-sm text-quiet">Strength, of the label’s rate</legend>
        <div className="join">
          {STRENGTHS.map(({ share, name }) => (
            <input
              key={name}
              type="radio"
              name="strength"
              className="btn join-item min-h-11 bg-base-100 checked:bg-primary"
              aria-label={name}
              checked={strength === share}
              onChange={() => setStrength(share)}
            />
          ))}
        </div>
      </fieldset>
      {made && <Figures lines={made.lines} note={solutionNote(manner)} />}
    </section>
  )
}
