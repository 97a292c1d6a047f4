'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../components/forms/fields'
import {
  COMPONENTS,
  mixBill,
  RECIPE_PARTS,
  RECIPES,
  wetMassPerLitre,
  type Component,
} from '../../core/containers'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { capital, nameOf } from '../../wording/names'
import { errorOf, plain, readNumber, readVolume, valueOf } from './numbers'

const MOST_LITRES = 100_000
const NOT_IN_POTS: Component = 'garden-soil'

/** A potting mix by parts: what each part takes for the pots that are to be filled, settled. */
export function PottingBench({ manner }: { manner: Manner }) {
  const us = manner.units === 'us'
  const [parts, setParts] = useState<Record<Component, string>>(() => partsOf(RECIPE_PARTS['bark-base']))
  const [litres, setLitres] = useState(us ? '5 gal' : '20 L')
  const [pots, setPots] = useState('4')
  const [bag, setBag] = useState(us ? '10 gal' : '40 L')
  const reads = Object.fromEntries(
    COMPONENTS.map((component) => [component, readNumber(parts[component] || '0', 0, 100)]),
  ) as Record<Component, ReturnType<typeof readNumber>>
  const [volume, count, bagged] = [
    readVolume(litres, manner, MOST_LITRES),
    readNumber(pots, 1, 10_000),
    readVolume(bag, manner, 2000),
  ]
  const shares = Object.fromEntries(
    COMPONENTS.map((component) => [component, valueOf(reads[component]) ?? 0]),
  ) as Record<Component, number>
  const all = COMPONENTS.reduce((sum, component) => sum + shares[component], 0)
  const [fill, number, pack] = [volume, count, bagged].map(valueOf)
  const isSound = all > 0 && (fill ?? 0) >= 0.1 && number != null && (pack ?? 0) >= 1
  const bill = isSound ? mixBill({ litres: fill!, pots: Math.round(number!), parts: shares, bag: pack! }) : []
  const say = (value: number) => formatMeasure({ kind: 'volume', value }, manner)
  const sum = bill.reduce((total, line) => total + line.litres, 0)
  return (
    <section aria-label="Potting mix">
      <h2 className="text-2xl font-semibold">
        {isSound ? `${say(sum)} of loose mix for ${plain(number!, 0)} pots` : 'What goes into the mix?'}
      </h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-5">
        <div className="sm:col-span-2">
          <ChoiceField
            label="Begin from"
            onChange={({ target }) =>
              setParts(partsOf(RECIPE_PARTS[RECIPES.find((one) => one === target.value)!]))
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
        <TextField
          label="A pot holds"
          value={litres}
          error={errorOf(volume)}
          onChange={({ target }) => setLitres(target.value)}
        />
        <TextField
          label="Pots"
          inputMode="numeric"
          value={pots}
          error={errorOf(count)}
          onChange={({ target }) => setPots(target.value)}
        />
        <TextField
          label="A bag holds"
          value={bag}
          error={errorOf(bagged)}
          onChange={({ target }) => setBag(target.value)}
        />
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
            const line = bill.find((one) => one.component === component)
            return (
              <tr key={component} className="border-t border-base-300">
                <th scope="row" className="text-left font-normal">
                  {capital(nameOf(component))}
                </th>
                <td className="py-1">
                  <input
                    className="input min-h-11 w-20 text-base"
                    inputMode="decimal"
                    aria-label={`Parts of ${nameOf(component)}`}
                    aria-invalid={'error' in reads[component] || undefined}
                    value={parts[component]}
                    onChange={({ target }) => setParts({ ...parts, [component]: target.value })}
                  />
                </td>
                <td>{line ? say(line.litres) : '–'}</td>
                <td>{line ? `${line.bags}, ${say(line.over)} over` : '–'}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {shares[NOT_IN_POTS] > 0 && (
        <p className="mt-2 font-semibold text-cut">
          Garden soil packs and drowns roots in a pot: it is for raised beds only.
        </p>
      )}
      {isSound ? (
        <p className="mt-2 text-sm text-quiet">
          {plain(number!, 0)} pots × {say(fill!)} ÷ (1 − 12.5 % settling) = {say(sum)}; soaked, a litre of it
          weighs {plain(wetMassPerLitre(shares), 2)} kg, so a full pot about{' '}
          {formatMeasure({ kind: 'mass', value: wetMassPerLitre(shares) * fill! }, manner)}. It holds almost
          no lasting feed: begin feeding two to three weeks after potting.
        </p>
      ) : (
        <p role="alert" className="mt-2 font-semibold text-cut">
          Give one component a part, and sizes over nothing.
        </p>
      )}
    </section>
  )
}

const partsOf = (parts: Partial<Record<Component, number>>) =>
  Object.fromEntries(
    COMPONENTS.map((component) => [
      component,
      parts[component] === undefined ? '' : String(parts[component]),
    ]),
  ) as Record<Component, string>
