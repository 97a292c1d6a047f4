'use client'

import { useState } from 'react'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { FRUIT_FAULTS, implausiblePicking, type FruitFault, type Implausible } from '../../core/harvest'
import type { Manner } from '../../core/facts'
import { parseQuantity } from '../../core/quantity'
import { inEither } from '../../wording/either'
import { sayMass } from '../../wording/say'
import { FAULT_NAMES } from '../../wording/harvest'
import type { Weighable, Weighed } from './weighable'

const MOST_KG = 1000
const MOST_FRUIT = 100_000
/** What was weighed: kg, fruit, and those with a fault. */
/** A picking on the scales: which planting, its weight, and if one counts them the fruit and their faults. */
export function WeighForm({
  plantings,
  chosen,
  onChoose,
  manner,
  busy,
  onKeep,
}: {
  plantings: readonly Weighable[]
  chosen: Weighable
  onChoose: (id: string) => void
  manner: Manner
  busy: boolean
  /** `kept` once it is durable: what was typed stays until then. */
  onKeep: (weighed: Weighed, kept: () => void) => void
}) {
  const [mass, setMass] = useState('')
  const [count, setCount] = useState('')
  const [plant, setPlant] = useState('')
  const [faults, setFaults] = useState<Partial<Record<FruitFault, string>>>({})
  const [errors, setErrors] = useState<{ mass?: string; count?: string; faults?: string }>({})
  const keep = () => {
    const read = parseQuantity(mass, 'mass', manner.units)
    const fruit = wholeOf(count)
    const counts = FRUIT_FAULTS.map((fault) => [fault, wholeOf(faults[fault] ?? '')] as const)
    const found = {
      mass:
        'error' in read
          ? read.error
          : read.value <= 0 || read.value > MOST_KG
            ? `More than nothing, up to ${sayMass(MOST_KG, manner)}.`
            : sayImplausible({ mass: read.value, count: fruit ?? null }, chosen, plant, manner),
      count: fruit === undefined ? 'A whole number, or leave it empty.' : undefined,
      faults: counts.some(([, value]) => value === undefined)
        ? 'Whole numbers, please.'
        : typeof fruit === 'number' && counts.some(([, value]) => (value ?? 0) > fruit)
          ? 'More fruit with a fault than you counted.'
          : undefined,
    }
    setErrors(found)
    if (found.mass || found.count || found.faults || 'error' in read) return
    const bad = counts.filter(([, value]) => (value ?? 0) > 0)
    onKeep(
      {
        mass: read.value,
        count: fruit ?? null,
        ...(chosen.stems.some(({ id }) => id === plant) ? { plant } : {}),
        ...(bad.length > 0 ? { faults: Object.fromEntries(bad) } : {}),
      },
      () => {
        setMass('')
        setCount('')
        setFaults({})
      },
    )
  }
  return (
    <form
      aria-label="Weigh a harvest"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <div className="grid items-start gap-3 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_minmax(0,1fr)_minmax(0,1fr)_auto]">
        <ChoiceField label="Picked from" value={chosen.id} onChange={({ target }) => onChoose(target.value)}>
          {plantings.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </ChoiceField>
        <ChoiceField
          label="Plant"
          value={chosen.stems.some(({ id }) => id === plant) ? plant : ''}
          disabled={chosen.stems.length < 2}
          onChange={({ target }) => setPlant(target.value)}
        >
          <option value="">all of them</option>
          {chosen.stems.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </ChoiceField>
        <TextField
          label="Weight"
          value={mass}
          error={errors.mass}
          onChange={({ target }) => setMass(target.value)}
        />
        <TextField
          label="Number of fruit (optional)"
          inputMode="numeric"
          value={count}
          error={errors.count}
          onChange={({ target }) => setCount(target.value)}
        />
        <button className="btn min-h-11 btn-primary sm:mt-6" disabled={busy}>
          Save
        </button>
      </div>
      <details className="mt-1">
        <summary className="min-h-11 cursor-pointer py-2">Fruit with a fault</summary>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
          {FRUIT_FAULTS.map((fault) => (
            <TextField
              key={fault}
              label={FAULT_NAMES[fault]}
              inputMode="numeric"
              value={faults[fault] ?? ''}
              onChange={({ target }) => setFaults({ ...faults, [fault]: target.value })}
            />
          ))}
        </div>
      </details>
      {errors.faults && (
        <p role="alert" className="font-semibold text-cut">
          {errors.faults}
        </p>
      )}
    </form>
  )
}

/** A whole number; null: nothing typed; undefined: something else. */
function wholeOf(text: string): number | null | undefined {
  const trimmed = text.trim()
  if (trimmed === '') return null
  return /^\d{1,6}$/.test(trimmed) && Number(trimmed) <= MOST_FRUIT ? Number(trimmed) : undefined
}

const implausibleIn = (manner: Manner): Record<Implausible, string> => ({
  'a-plant': `More than these plants can give at once. Check the unit, as in ${inEither(manner, '450 g', '1 lb')}.`,
  'heavy-fruit': 'No fruit is that heavy. Check the weight and the count.',
  'light-fruit': 'No fruit is that light. Check the weight and the count.',
})

/** What cannot be true of a weight; undefined: it can. */
function sayImplausible(
  picking: Pick<Weighed, 'mass' | 'count'>,
  { parts, stems }: Weighable,
  plant: string,
  manner: Manner,
): string | undefined {
  const plants = stems.some(({ id }) => id === plant) ? 1 : parts.reduce((sum, part) => sum + part.plants, 0)
  const wrong = implausiblePicking(picking, plants)
  return wrong ? implausibleIn(manner)[wrong] : undefined
}
