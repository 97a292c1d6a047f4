'use client'

import { Link } from '../../../components/link'
import { useState } from 'react'
import { Cautions, PartHeading } from '../../../components/advice/why'
import {
  floorLoad,
  mixBill,
  potVolume,
  RECIPE_PARTS,
  RECIPES,
  SETTLING,
  wetMass,
  type Recipe,
} from '../../../core/containers'
import type { Crop, Habit } from '../../../core/crop'
import { potOf, type Manner, type Place } from '../../../core/facts'
import { parseQuantity, type QuantityKind } from '../../../core/quantity'
import { sayCautions } from '../../../wording/cautions'
import { capital, nameOf } from '../../../wording/names'
import { sayCount, sayMeasure, sayNumber } from '../../../wording/say'
import { sayReason } from '../../../wording/say-reason'
import { GroundTabs } from '../tabs'
import { inEither } from '../../../wording/either'

export interface PotsView {
  manner: Manner
  query: string
  /** Pots and beds, with what stands in them. */
  places: { place: Place; plants: { crop: Crop; habit: Habit | null }[] }[]
}

/** All pots together: the mix they and any bed take, in bags, and what they weigh on a floor. */
export function PotsScreen({ view }: { view: PotsView }) {
  const { manner, query, places } = view
  const pots = places.filter(({ place }) => place.pot !== null)
  const [recipe, setRecipe] = useState<Recipe>('bark-base')
  const [bag, setBag] = useState(inEither(manner, '40 L', '10 gal'))
  const [floor, setFloor] = useState('')
  const [target, setTarget] = useState(pots.length > 0 || places.length === 0 ? 'pots' : places[0]!.place.id)
  const [depth, setDepth] = useState(inEither(manner, '20 cm', '8 in'))
  const parts = RECIPE_PARTS[recipe]
  const volumes = pots.map(({ place }) => potVolume(potOf(place)!).filled)
  const bed = places.find(({ place }) => place.id === target)?.place
  const read = (text: string, kind: QuantityKind, low: number, high: number) => {
    const parsed = parseQuantity(text, kind, manner.units)
    if ('error' in parsed) return { fault: parsed.error }
    return parsed.value < low || parsed.value > high
      ? {
          fault: `From ${sayMeasure({ kind, value: low }, manner)} to ${sayMeasure({ kind, value: high }, manner)}, please.`,
        }
      : { value: parsed.value }
  }
  const bagRead = read(bag, 'volume', 1, 2000)
  const depthRead = read(depth, 'length', 0.01, 2)
  const floorRead = floor.trim() === '' ? { value: null } : read(floor, 'mass', 1, 1_000_000)
  const litres = bed
    ? 'value' in depthRead
      ? bed.length * bed.width * depthRead.value! * 1000
      : 0
    : volumes.reduce((sum, volume) => sum + volume, 0)
  const bill =
    'value' in bagRead && litres >= 0.1 ? mixBill({ litres, pots: 1, parts, bag: bagRead.value! }) : []
  const masses = pots.map(({ plants }, index) => wetMass({ litres: volumes[index]!, parts, plants }))
  const load = 'value' in floorRead ? floorLoad(masses, floorRead.value ?? null) : null
  const volume = (value: number) => sayMeasure({ kind: 'volume', value }, manner)
  const mass = (value: number) => sayMeasure({ kind: 'mass', value }, manner)
  return (
    <div className="mx-auto max-w-5xl px-6 py-5 max-sm:px-4">
      <GroundTabs at="pots" query={query} />
      <h1 className="mt-3 text-3xl font-semibold">
        {pots.length === 0
          ? 'No pots yet'
          : `${sayCount(pots.length, 'pot')}: ${volume(volumes.reduce((sum, value) => sum + value, 0))} of mix, ${load ? mass(load.answer.total) : ''} soaked`}
      </h1>
      <p className="mt-1 text-lg text-quiet">
        {pots.length === 0
          ? 'Add pots to the plan. You can work out a mix for a bed here now.'
          : 'Potting mix settles by an eighth, so you buy enough to keep the pots full.'}
      </p>
      <div className="mt-5 grid gap-8 lg:grid-cols-2">
        <section aria-label="Mix" className="min-w-0">
          <PartHeading>Mix to buy</PartHeading>
          <div className="grid grid-cols-2 gap-3">
            <Labelled label="For">
              <select
                className="select min-h-11 w-full"
                value={target}
                onChange={(event) => setTarget(event.target.value)}
              >
                <option value="pots">all pots</option>
                {places
                  .filter(({ place }) => !place.pot)
                  .map(({ place }) => (
                    <option key={place.id} value={place.id}>
                      {place.name}
                    </option>
                  ))}
              </select>
            </Labelled>
            <Labelled label="A bag holds" fault={'fault' in bagRead ? bagRead.fault : undefined}>
              <input
                className="input min-h-11 w-full"
                value={bag}
                onChange={(event) => setBag(event.target.value)}
              />
            </Labelled>
            <Labelled label="Recipe" wide>
              <select
                className="select min-h-11 w-full"
                value={recipe}
                onChange={(event) => setRecipe(event.target.value as Recipe)}
              >
                {RECIPES.map((other) => (
                  <option key={other} value={other}>
                    {nameOf(other)}
                  </option>
                ))}
              </select>
            </Labelled>

            {bed && (
              <Labelled label="Depth to fill" fault={'fault' in depthRead ? depthRead.fault : undefined}>
                <input
                  className="input min-h-11 w-full"
                  value={depth}
                  onChange={(event) => setDepth(event.target.value)}
                />
              </Labelled>
            )}
          </div>
          {recipe === 'raised-bed' && !bed && (
            <p className="mt-2 font-semibold text-cut">
              In a pot, garden soil packs down and drowns the roots. Choose another recipe for pots.
            </p>
          )}
          <table className="mt-3 w-full">
            <thead className="text-left text-sm text-quiet">
              <tr>
                {['component', 'loose', 'bags', 'left over'].map((heading) => (
                  <th key={heading} scope="col" className="py-1 font-normal">
                    {heading}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {bill.map(({ component, litres: loose, bags, over }) => (
                <tr key={component} className="border-t border-base-300">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    {capital(nameOf(component))}
                  </th>
                  <td>{volume(loose)}</td>
                  <td className="font-semibold">{bags}</td>
                  <td className="text-quiet">{volume(over)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-sm text-quiet">
            For {volume(litres)} after settling by {sayNumber(SETTLING * 100, manner)} %.
          </p>
        </section>
        {pots.length > 0 && (
          <section aria-label="Load" className="min-w-0 space-y-3">
            <PartHeading>On a balcony, deck or roof</PartHeading>
            <Labelled label="Most it can carry" fault={'fault' in floorRead ? floorRead.fault : undefined}>
              <input
                className="input min-h-11 w-full"
                placeholder="leave blank if you do not know"
                value={floor}
                onChange={(event) => setFloor(event.target.value)}
              />
            </Labelled>
            {load && (
              <p className={`text-lg ${load.answer.over ? 'font-semibold text-cut' : ''}`} aria-live="polite">
                {sayReason(load.reasons[0]!, manner)}
              </p>
            )}
            <ul className="space-y-0.5">
              {pots.map(({ place }, index) => (
                <li key={place.id}>
                  <Link href={`/ground/${place.id}${query}`} className="link">
                    {place.name}
                  </Link>
                  : {volume(volumes[index]!)} of mix, {mass(masses[index]!)} soaked
                </li>
              ))}
            </ul>
            <Cautions texts={sayCautions(load?.cautions ?? [], manner)} />
          </section>
        )}
      </div>
    </div>
  )
}

function Labelled({
  label,
  fault,
  wide,
  children,
}: {
  label: string
  fault?: string
  wide?: boolean
  children: React.ReactNode
}) {
  return (
    <label className={`flex min-w-0 flex-col gap-1 text-sm text-quiet ${wide ? 'col-span-2' : ''}`}>
      {label}
      <span className="text-base text-base-content">{children}</span>
      {fault && (
        <span role="alert" className="font-semibold text-cut">
          {fault}
        </span>
      )}
    </label>
  )
}
