'use client'

import { Figures } from '../../../components/advice/figures'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { COMPONENTS, RECIPE_PARTS, RECIPES } from '../../../core/containers'
import type { Manner } from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import { sayVolume } from '../../../wording/say'
import { pottingMix, pottingSchema, typedParts } from './potting.model'
import { inEither } from '../../../wording/either'

/** A potting mix by parts: what each part takes for the pots that are to be filled, settled. */
export function PottingBench({ manner }: { manner: Manner }) {
  const { field, all, faults, form } = useCalculator({
    schema: pottingSchema(manner),
    defaults: {
      pot: inEither(manner, '20 L', '5 gal'),
      pots: '4',
      bag: inEither(manner, '40 L', '10 gal'),
      parts: typedParts(RECIPE_PARTS['bark-base'], manner),
    },
  })
  const mix = pottingMix(all, manner)
  return (
    <section aria-label="Potting mix">
      <h2 className="text-2xl font-semibold">{mix?.answer ?? 'What goes into the mix?'}</h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-5">
        <div className="sm:col-span-2">
          <ChoiceField
            label="Begin from"
            onChange={({ target }) =>
              form.setValue(
                'parts',
                typedParts(RECIPE_PARTS[RECIPES.find((one) => one === target.value)!], manner),
              )
            }
            defaultValue="bark-base"
          >
            {RECIPES.map((recipe) => (
              <option key={recipe} value={recipe}>
                {nameOf(recipe)}
              </option>
            ))}
          </ChoiceField>
        </div>
        <TextField label="A pot holds" {...field('pot')} />
        <TextField label="Pots" inputMode="numeric" {...field('pots')} />
        <TextField label="A bag holds" {...field('bag')} />
      </div>
      <table className="mt-3 w-full max-w-2xl tabular-nums">
        <thead className="text-left text-sm text-quiet">
          <tr>
            <th className="py-1 font-normal">Component</th>
            <th className="w-28 py-1 font-normal">Parts</th>
            <th className="py-1 font-normal">Loose</th>
            <th className="py-1 font-normal">Bags</th>
          </tr>
        </thead>
        <tbody>
          {COMPONENTS.map((component) => {
            const line = mix?.bill.find((one) => one.component === component)
            const { error, ...control } = field(`parts.${component}`)
            return (
              <tr key={component} className="border-t border-base-300">
                <th scope="row" className="text-left font-normal">
                  {capital(nameOf(component))}
                </th>
                <td className="py-1">
                  <input
                    className={`input min-h-11 w-20 text-base ${error ? 'input-error' : ''}`}
                    inputMode="decimal"
                    aria-label={`Parts of ${nameOf(component)}`}
                    aria-invalid={error ? true : undefined}
                    {...control}
                  />
                </td>
                <td>{line ? sayVolume(line.litres, manner) : '–'}</td>
                <td>{line ? `${line.bags}, ${sayVolume(line.over, manner)} over` : '–'}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {mix?.packs && (
        <p className="mt-2 font-semibold text-cut">
          In a pot, garden soil packs down and drowns the roots. Use it only in raised beds.
        </p>
      )}
      {mix ? (
        <Figures
          lines={mix.lines}
          note="It holds almost no lasting feed. Start feeding two to three weeks after potting."
        />
      ) : (
        <p role="alert" className="mt-2 font-semibold text-cut">
          {Object.keys(faults).some((name) => name.startsWith('parts.'))
            ? 'A part is a number from 0 to 100. Correct the marked one.'
            : 'Give at least one component a part, and sizes above zero.'}
        </p>
      )}
    </section>
  )
}
