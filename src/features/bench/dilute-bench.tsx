'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../components/forms/fields'
import {
  knownFeeds,
  doseFor,
  ecOfFeed,
  gramsIn,
  milligramsPerLitre,
  PPM_SCALES,
  SOLUTION,
  SOLUTION_PH,
  type Product,
} from '../../core/feeding'
import type { Manner } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import { sayDose, STRENGTHS } from './dose-words'
import { errorOf, plain, readNumber, readVolume, valueOf } from './numbers'

const MOST_LITRES = 100_000

/** What goes into a can or tank, by the label and a share of its rate. */
export function DiluteBench({ manner, products }: { manner: Manner; products: readonly Product[] }) {
  const known = knownFeeds(products).filter(({ labelRate }) => labelRate !== null)
  const [feed, setFeed] = useState<Product | null>(null)
  const [rate, setRate] = useState('2')
  const [water, setWater] = useState(manner.units === 'us' ? '2 gal' : '10 L')
  const [strength, setStrength] = useState(0.5)
  const [nitrogen, setNitrogen] = useState('12')
  const [source, setSource] = useState('0.4')
  const label = readNumber(rate, 0.001, 1000)
  const litres = readVolume(water, manner, MOST_LITRES)
  const percent = readNumber(nitrogen, 0, 100)
  const ec = readNumber(source, 0, 20)
  const [rateValue, litresValue, n, sourceEc] = [label, litres, percent, ec].map(valueOf)
  const dose =
    rateValue !== null && litresValue !== null && litresValue! > 0
      ? doseFor(rateValue!, litresValue!, strength)
      : null
  const perLitre = dose && dose.amount / litresValue!
  // Of what the label measures in mL, the grams are by its density.
  const grams = perLitre === null ? null : perLitre * (feed ? gramsIn(feed) : 1)
  const total = grams !== null && sourceEc !== null ? ecOfFeed(Math.min(100, grams!), sourceEc!) : null
  return (
    <section aria-label="Dilute">
      <h2 className="text-2xl font-semibold">
        {dose
          ? `${sayDose(dose.amount, feed, manner)} into ${formatMeasure({ kind: 'volume', value: litresValue! }, manner)}`
          : 'How much into the can?'}
      </h2>
      {dose?.overLabel && (
        <p role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
          This is over the label’s full rate: the label is the limit.
        </p>
      )}
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <ChoiceField
          label="Feed"
          value={feed?.id ?? ''}
          onChange={({ target }) => {
            const found = known.find(({ id }) => id === target.value) ?? null
            setFeed(found)
            if (found) {
              setRate(String(found.labelRate))
              setNitrogen(String(found.n))
            }
          }}
        >
          <option value="">by the numbers below</option>
          {known.map(({ id, name, n, p2o5, k2o }) => (
            <option key={id} value={id}>
              {name} {n}–{p2o5}–{k2o}
            </option>
          ))}
        </ChoiceField>
        <TextField
          label="Label’s full rate, g or mL a litre"
          inputMode="decimal"
          value={rate}
          error={errorOf(label)}
          onChange={({ target }) => setRate(target.value)}
        />
        <TextField
          label="Water you make up"
          value={water}
          error={errorOf(litres)}
          onChange={({ target }) => setWater(target.value)}
        />
        <TextField
          label="Its nitrogen, %"
          inputMode="decimal"
          value={nitrogen}
          error={errorOf(percent)}
          onChange={({ target }) => setNitrogen(target.value)}
        />
        <TextField
          label="EC of your water, mS/cm"
          inputMode="decimal"
          value={source}
          error={errorOf(ec)}
          onChange={({ target }) => setSource(target.value)}
        />
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
      {dose && perLitre !== null && (
        <ul className="mt-3 text-sm tabular-nums">
          <li>
            {plain(rateValue!, 3)} a litre × {plain(strength, 2)} × {plain(litresValue!, 2)} L ={' '}
            {plain(dose.amount)} {feed ? (feed.liquid ? 'mL' : 'g') : 'g or mL'}
          </li>
          {feed?.liquid && (
            <li>
              {plain(perLitre, 2)} mL/L × {feed.bulkDensity} g/mL = {plain(grams!, 2)} g/L
            </li>
          )}
          {n !== null && (
            <li>
              {plain(grams!, 2)} g/L × {plain(n!)} % × 10 ={' '}
              {plain(milligramsPerLitre(Math.min(1000, grams!), n!), 0)} mg/L of N
            </li>
          )}
          {total !== null && (
            <li>
              EC about {plain(total)} mS/cm; a meter shows{' '}
              {PPM_SCALES.map((scale) => `${plain(total * scale * 1000, 0)} ppm on the ${scale} scale`).join(
                ', ',
              )}
            </li>
          )}
          <li className="mt-1 text-quiet">
            Nutrient solution: EC {SOLUTION.seedling.join('–')} for seedlings, {SOLUTION.growing.join('–')}{' '}
            growing, {SOLUTION.fruiting.join('–')} in fruit; pH {SOLUTION_PH.join('–')}. Feed on moist roots
            only.
          </li>
        </ul>
      )}
    </section>
  )
}
