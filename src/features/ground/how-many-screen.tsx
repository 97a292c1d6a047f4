'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { trainingsFor, type Crop, type Training } from '../../core/crop'
import type { GardenCultivar, Manner } from '../../core/facts'
import {
  firstYield,
  FRESH_A_WEEK,
  FRESH_IN,
  freshWanted,
  plantsFor,
  SUITED,
  USES,
  type Use,
} from '../../core/harvest'
import { parseQuantity } from '../../core/quantity'
import { sayCount, sayMeasure } from '../../wording/say'
import { GroundTabs } from './ground-tabs'

export interface HowManyView {
  manner: Manner
  query: string
  cultivars: GardenCultivar[]
  /** The season's plantings: cultivar, plants and how they are led. */
  plan: { cultivarId: string; plants: number; training: Training }[]
}

type Amounts = Record<'people' | 'weeks' | Use, string>

const LABELS: Record<keyof Amounts, { label: string; kind: 'count' | 'mass' | 'volume' }> = {
  people: { label: 'People', kind: 'count' },
  weeks: { label: 'Weeks of eating fresh', kind: 'count' },
  fresh: { label: 'Fresh, each person and week', kind: 'mass' },
  sauce: { label: 'Sauce', kind: 'volume' },
  dried: { label: 'Dried', kind: 'mass' },
  pickled: { label: 'Pickled', kind: 'volume' },
  given: { label: 'To give away', kind: 'mass' },
}
/** Where a household starts: kg, L. */
const START: Record<Crop, Record<keyof Amounts, number>> = {
  tomato: { people: 4, weeks: 8, fresh: FRESH_A_WEEK.tomato, sauce: 20, dried: 0, pickled: 0, given: 5 },
  pepper: { people: 4, weeks: 8, fresh: FRESH_A_WEEK.pepper, sauce: 0, dried: 0, pickled: 4, given: 0 },
}
const startOf = (crop: Crop, manner: Manner): Amounts =>
  Object.fromEntries(
    Object.entries(START[crop]).map(([key, value]) => {
      const { kind } = LABELS[key as keyof Amounts]
      return [key, kind === 'count' || value === 0 ? String(value) : sayMeasure({ kind, value }, manner)]
    }),
  ) as Amounts
/** How many plants a household wants, by what it eats and keeps; and what the plan will give. */
export function HowManyScreen({ view }: { view: HowManyView }) {
  const { manner, query, cultivars, plan } = view
  const [crop, setCrop] = useState<Crop>('tomato')
  const [typed, setTyped] = useState(() => ({
    tomato: startOf('tomato', manner),
    pepper: startOf('pepper', manner),
  }))
  const [choice, setChoice] = useState<Partial<Record<string, string>>>({})
  const own = cultivars.filter((cultivar) => cultivar.crop === crop)
  const read = readAmounts(typed[crop], manner)
  const wanted = 'fault' in read ? null : freshWanted({ ...read, aWeek: read.fresh })
  const chosenFor = (use: Use) =>
    own.find(({ id }) => id === choice[crop + use]) ??
    SUITED[use].map((fruit) => own.find((cultivar) => cultivar.fruit === fruit)).find(Boolean) ??
    own[0]
  const lines = USES.flatMap((use) => {
    const cultivar = chosenFor(use)
    const kg = wanted?.[use] ?? 0
    if (kg === 0 || !cultivar) return []
    const aPlant = firstYield(cultivar, trainingsFor(cultivar)[0]!)
    return [{ use, cultivar, kg, aPlant, plants: plantsFor(kg, aPlant) }]
  })
  const plants = lines.reduce((sum, line) => sum + line.plants, 0)
  const mass = (kg: number) => sayMeasure({ kind: 'mass', value: kg }, manner)
  return (
    <div className="mx-auto max-w-5xl px-6 py-5 max-sm:px-4">
      <GroundTabs at="how-many" query={query} />
      <h1 className="mt-3 text-3xl font-semibold" aria-live="polite">
        {wanted === null
          ? 'How many plants?'
          : `${sayCount(plants, `${crop} plant`)} for ${mass(Object.values(wanted).reduce((sum, kg) => sum + kg, 0))}`}
      </h1>
      <p className="mt-1 text-lg text-quiet">
        A first estimate by type and training, one plant in ten lost; after a season, your own pickings know
        better.
      </p>
      <div className="mt-4 flex gap-1">
        {(['tomato', 'pepper'] as const).map((other) => (
          <button
            key={other}
            type="button"
            aria-pressed={crop === other}
            className={`btn min-h-11 ${crop === other ? 'btn-primary' : 'bg-base-100'}`}
            onClick={() => setCrop(other)}
          >
            {other === 'tomato' ? 'Tomatoes' : 'Peppers'}
          </button>
        ))}
      </div>
      <form
        className="mt-4 grid grid-cols-2 gap-3 sm:grid-cols-4"
        aria-label="What is wanted"
        onSubmit={(event) => event.preventDefault()}
      >
        {(Object.keys(LABELS) as (keyof Amounts)[]).map((key) => (
          <label key={key} className="flex flex-col gap-1 text-sm text-quiet">
            {LABELS[key].label}
            <input
              className="input min-h-11 w-full text-base text-base-content"
              inputMode="decimal"
              value={typed[crop][key]}
              onChange={(event) =>
                setTyped({ ...typed, [crop]: { ...typed[crop], [key]: event.target.value } })
              }
            />
          </label>
        ))}
      </form>
      {'fault' in read && (
        <p role="alert" className="mt-2 font-semibold text-cut">
          {read.fault}
        </p>
      )}
      {own.length === 0 ? (
        <p className="mt-4">The garden has no {crop} yet: make a planting of one first.</p>
      ) : (
        lines.length > 0 && (
          <table className="mt-5 w-full border-collapse">
            <thead className="text-left text-sm text-quiet">
              <tr>
                {['for', 'fresh fruit', 'cultivar', 'a plant bears', 'plants'].map((heading) => (
                  <th key={heading} scope="col" className="py-1 pr-4 font-normal">
                    {heading}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {lines.map(({ use, cultivar, kg, aPlant, plants: count }) => (
                <tr key={use} className="border-t border-base-300">
                  <th scope="row" className="py-2 pr-4 text-left font-semibold">
                    {LABELS[use].label.split(',')[0]}
                    {FRESH_IN[use] !== 1 && (
                      <span className="block text-sm font-normal text-quiet">
                        {mass(FRESH_IN[use])} fresh for{' '}
                        {use === 'dried' ? mass(1) : sayMeasure({ kind: 'volume', value: 1 }, manner)}
                      </span>
                    )}
                  </th>
                  <td className="pr-4">{mass(kg)}</td>
                  <td className="pr-4">
                    <select
                      className="select min-h-11 w-auto"
                      aria-label={`Cultivar for ${use}`}
                      value={cultivar.id}
                      onChange={(event) => setChoice({ ...choice, [crop + use]: event.target.value })}
                    >
                      {own.map(({ id, name }) => (
                        <option key={id} value={id}>
                          {name}
                        </option>
                      ))}
                    </select>
                  </td>
                  <td className="pr-4">{mass(aPlant)}</td>
                  <td className="text-lg font-semibold">{count}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )
      )}
      <PlanGives
        plan={plan}
        cultivars={cultivars}
        mass={mass}
        people={'fault' in read ? null : read.people}
      />
    </div>
  )
}

/** What the plan of this season will give, by cultivar and in all. */
function PlanGives({
  plan,
  cultivars,
  mass,
  people,
}: {
  plan: HowManyView['plan']
  cultivars: readonly GardenCultivar[]
  mass: (kg: number) => string
  people: number | null
}) {
  const lines = cultivars.flatMap((cultivar) => {
    const own = plan.filter(({ cultivarId }) => cultivarId === cultivar.id)
    const plants = own.reduce((sum, { plants: count }) => sum + count, 0)
    const kg = own.reduce(
      (sum, { plants: count, training }) => sum + count * firstYield(cultivar, training),
      0,
    )
    return plants === 0 ? [] : [{ cultivar, plants, kg }]
  })
  const total = (crop: Crop) =>
    lines.filter(({ cultivar }) => cultivar.crop === crop).reduce((sum, { kg }) => sum + kg, 0)
  return (
    <section aria-label="What this plan will give" className="mt-8">
      <PartHeading>What this plan will give</PartHeading>
      {lines.length === 0 ? (
        <p className="text-quiet">Nothing is planned this season yet.</p>
      ) : (
        <>
          <p className="text-lg">
            {(['tomato', 'pepper'] as const)
              .filter((crop) => total(crop) > 0)
              .map(
                (crop) =>
                  `${mass(total(crop))} of ${crop === 'tomato' ? 'tomatoes' : 'peppers'}${people ? `, fresh for ${people} over ${Math.floor(total(crop) / (people * FRESH_A_WEEK[crop]))} weeks` : ''}`,
              )
              .join('; ')}
            .
          </p>
          <ul className="mt-2 columns-2 max-sm:columns-1">
            {lines.map(({ cultivar, plants, kg }) => (
              <li key={cultivar.id}>
                {plants} {cultivar.name}: {mass(kg)}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

/** What was typed, SI; or what is wrong with it. */
function readAmounts(typed: Amounts, manner: Manner): Record<keyof Amounts, number> | { fault: string } {
  const numbers = {} as Record<keyof Amounts, number>
  for (const key of Object.keys(LABELS) as (keyof Amounts)[]) {
    const { label, kind } = LABELS[key]
    const text = typed[key].trim()
    const most = key === 'weeks' ? 52 : key === 'fresh' ? 20 : 10_000
    const parsed =
      text === '' || text === '0'
        ? { value: 0 }
        : kind === 'count'
          ? { value: /^\d{1,6}$/.test(text) ? Number(text) : NaN }
          : parseQuantity(text, kind, manner.units)
    if ('error' in parsed) return { fault: `${label}: ${parsed.error}` }
    if (!(parsed.value >= 0 && parsed.value <= most)) {
      const say = kind === 'count' ? String(most) : sayMeasure({ kind, value: most }, manner)
      return { fault: `${label}: ${kind === 'count' ? 'a whole number ' : ''}from 0 to ${say}, please.` }
    }
    numbers[key] = parsed.value
  }
  return numbers
}
