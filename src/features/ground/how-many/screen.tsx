'use client'

import { useState } from 'react'
import { want } from '../../../actions/want'
import { useChange } from '../../../components/act/use-change'
import { Link } from '../../../components/link'
import type { Crop } from '../../../core/crop'
import { FRESH_IN, freshWanted, plantsFor, SUITED, USES, type Use } from '../../../core/harvest'
import { sayCount, sayMeasure } from '../../../wording/say'
import { LABELS, readAmounts, startOf, type Amounts } from './amounts'
import { GroundTabs } from '../tabs'
import { PlanGives } from '../place/plan-gives'
import type { HowManyView } from '../place/plan-queries'

/** Under so many kg a plant is not worth reckoning with. */
const WORTH = 0.05

/** How many plants a household wants, by what it eats and keeps; and what the plan will give. */
export function HowManyScreen({ view }: { view: HowManyView }) {
  const { manner, query, cultivars, plan, season } = view
  const { busy, change } = useChange()
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
    const aPlant = cultivar.bears
    return [{ use, cultivar, kg, aPlant, plants: aPlant < WORTH ? 0 : plantsFor(kg, aPlant) }]
  })
  const plants = lines.reduce((sum, line) => sum + line.plants, 0)
  /** A cultivar that is wanted for two uses is wanted for both. */
  const keep = () => {
    const wishes = new Map<string, number>()
    for (const { cultivar, plants: count } of lines)
      wishes.set(cultivar.id, (wishes.get(cultivar.id) ?? 0) + count)
    return change({
      send: () =>
        want(
          season,
          [...wishes].map(([cultivar, count]) => ({ cultivar, count })),
        ),
      said: `${sayCount(plants, `${crop} plant`)} are on your list for ${season}.`,
      undo: { name: 'the list of what you want', send: ({ before }) => want(season, before) },
    })
  }
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
        What a well-kept plant bears outdoors in the middle year here, with one plant in ten lost. Your own
        harvests move it.
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
        aria-label="What you want"
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
      {lines.length > 0 && (
        <div className="table-room mt-5">
          <table className="cards w-full border-collapse">
            <thead className="text-left text-sm text-quiet">
              <tr>
                {['for', 'fresh fruit', 'cultivar', 'per plant', 'plants'].map((heading) => (
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
                  <td data-label="fresh fruit" className="pr-4">
                    {mass(kg)}
                  </td>
                  <td data-label="cultivar" className="pr-4">
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
                  <td data-label="per plant" className="pr-4">
                    {aPlant < WORTH ? 'hardly ripens outdoors here' : mass(aPlant)}
                  </td>
                  <td data-label="plants" className="text-lg font-semibold">
                    {count}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {lines.length > 0 && query === '' && (
        <p className="mt-3 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary min-h-11"
            disabled={busy}
            onClick={() => void keep()}
          >
            Put these on my list for {season}
          </button>
          <Link href={`/season?season=${season}`} className="btn min-h-11 bg-base-100">
            See the list
          </Link>
        </p>
      )}
      <PlanGives plan={plan} mass={mass} people={'fault' in read ? null : read.people} />
    </div>
  )
}
