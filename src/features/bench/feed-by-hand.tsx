'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { Cautions, PartHeading } from '../../components/advice/why'
import type { Crop } from '../../core/crop'
import { NUTRIENTS, totalDemand, type Nutrient } from '../../core/feeding'
import type { Manner } from '../../core/facts'
import { formatMeasure, parseQuantity } from '../../core/quantity'
import { CAUTIONS } from '../../wording/cautions'
import { SCHOOLS, THIN_EVIDENCE } from './feed-words'
import { errorOf, plain, readNumber, valueOf, type Read } from './numbers'
import { PlantDose } from './plant-dose'
import { inUnits } from '../../wording/in-units'

const NAMES: Record<Nutrient, string> = {
  n: 'nitrogen',
  p: 'phosphorus (P)',
  k: 'potassium (K)',
  ca: 'calcium',
  mg: 'magnesium',
}
const MOST_KG = 100
/** † kg a plant that is hoped for. */
const USUAL: Record<Crop, { metric: string; us: string }> = {
  tomato: { metric: '4 kg', us: '9 lb' },
  pepper: { metric: '1.5 kg', us: '3 lb' },
}

/** What a season's crop takes up, without any record of it, and what one plant is given. */
export function FeedByHand({ manner }: { manner: Manner }) {
  const [crop, setCrop] = useState<Crop>('tomato')
  const [plants, setPlants] = useState('6')
  const [fruit, setFruit] = useState(USUAL.tomato[manner.units])
  const count = readNumber(plants, 1, 100_000)
  const mass = readMass(fruit, manner)
  const [number, kilograms] = [count, mass].map(valueOf)
  const demand = number !== null && kilograms !== null ? totalDemand(crop, number! * kilograms!) : null
  const say = (grams: number) => formatMeasure({ kind: 'mass', value: grams / 1000 }, manner)
  return (
    <div className="space-y-6">
      <section aria-label="A season’s want">
        <h1 className="text-3xl font-semibold">
          {demand ? `${say(demand.n)} of nitrogen through the season` : 'What does the crop take?'}
        </h1>
        {demand && (
          <p className="mt-1 text-lg text-quiet">
            With it{' '}
            {NUTRIENTS.slice(1)
              .map((one) => `${say(demand[one])} of ${NAMES[one]}`)
              .join(', ')}
            . Good ground gives much of it: a soil test says how much.
          </p>
        )}
        <div className="mt-3 grid gap-3 sm:grid-cols-3">
          <ChoiceField
            label="Crop"
            value={crop}
            onChange={({ target }) => {
              setCrop(target.value as Crop)
              setFruit(USUAL[target.value as Crop][manner.units])
            }}
          >
            <option value="tomato">tomatoes</option>
            <option value="pepper">peppers</option>
          </ChoiceField>
          <TextField
            label="Plants"
            inputMode="numeric"
            value={plants}
            error={errorOf(count)}
            onChange={({ target }) => setPlants(target.value)}
          />
          <TextField
            label="Fruit a plant, hoped for"
            value={fruit}
            error={errorOf(mass)}
            onChange={({ target }) => setFruit(target.value)}
          />
        </div>
        {demand && (
          <p className="mt-2 text-sm text-quiet">
            {plain(number!, 0)} plants × {formatMeasure({ kind: 'mass', value: kilograms! }, manner)} ×{' '}
            {plain(demand.n / (number! * kilograms!))} g of N a kg of fruit = {plain(demand.n)} g.
          </p>
        )}
      </section>
      <PlantDose
        key={crop}
        manner={manner}
        products={[]}
        wanted={demand ? demand.n / number! / 3 : 2}
        plants={number === null ? null : Math.round(number!)}
      />
      <section aria-label="Schools of feeding">
        <PartHeading>Four ways to feed a season</PartHeading>
        <ul>
          {SCHOOLS.map(({ id, name, what, suits }) => (
            <li key={id} className="border-t border-base-300 py-1.5">
              <strong>{name}</strong>: {inUnits(what, manner)} <span className="text-quiet">{suits}</span>
            </li>
          ))}
        </ul>
        <PartHeading>Practised, with thin evidence</PartHeading>
        <ul className="text-sm">
          {THIN_EVIDENCE.map((text) => (
            <li key={text} className="border-t border-base-300 py-1.5">
              {text}
            </li>
          ))}
        </ul>
      </section>
      <Cautions texts={[CAUTIONS['label-is-limit']]} />
    </div>
  )
}

function readMass(text: string, manner: Manner): Read {
  const read = parseQuantity(text, 'mass', manner.units)
  if ('error' in read) return { error: read.error }
  return read.value <= 0 || read.value > MOST_KG
    ? { error: `More than nothing, up to ${formatMeasure({ kind: 'mass', value: MOST_KG }, manner)}.` }
    : { value: read.value }
}
