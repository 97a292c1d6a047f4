'use client'

import { useEffect, useMemo, useRef } from 'react'
import { useWatch } from 'react-hook-form'
import { say } from '../../components/say'
import { v7 } from 'uuid'
import { lazy, type AnyObjectSchema } from 'yup'
import { ChoiceField, FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import {
  HAS_LENGTH,
  IS_DRIVEN,
  POST_MATERIALS,
  SUPPLY_KINDS,
  SUPPLY_UNIT,
  type Manner,
  type Supply,
  type SupplyKind,
} from '../../core/facts'
import { nameOf } from '../../wording/names'
import { supplyKindName } from '../../wording/supplies'
import { keepSupply } from './actions'
import { supplySchema, typedSupply, type SupplyValues } from './schema'

const EMPTY: SupplyValues = {
  kind: 'stake',
  name: '',
  quantity: '',
  length: '',
  across: '',
  material: '',
  pack: '1',
  price: '',
}
const AMOUNT = { pieces: 'How many', metres: 'How much, as a length', litres: 'How much' } as const

/** A line of the shed: what it is, how much, how long, and how it is sold. */
export function SupplyForm({
  supply,
  manner,
  onDone,
}: {
  supply: Supply | null
  manner: Manner
  onDone: () => void
}) {
  // One id for the whole life of the form: sent twice, it is the same line.
  const id = useMemo(() => supply?.id ?? v7(), [supply])
  const kindNow = useRef<string>(supply?.kind ?? EMPTY.kind)
  const schema = useMemo(() => lazy((values: SupplyValues) => supplySchema(manner, values)), [manner])
  const { form, submit, field, busy, problem } = useCheckedForm<SupplyValues>({
    schema: schema as unknown as AnyObjectSchema,
    defaults: supply ? typedSupply(supply, manner) : EMPTY,
    send: async (values, { shown }) => {
      const problems = await keepSupply(id, values, supply && shown)
      if (problems) return problems
      say(`${values.name.trim() || supplyKindName(values.kind as SupplyKind)} is saved.`)
      onDone()
    },
  })
  const kind = (useWatch({ control: form.control, name: 'kind' }) ?? 'stake') as SupplyKind
  useEffect(() => {
    if (kindNow.current !== kind) form.clearErrors()
    kindNow.current = kind
  }, [kind, form])
  return (
    <form
      className="mt-3 grid grid-cols-2 gap-3 border-t-2 border-base-300 pt-3"
      aria-label={supply ? `Change ${supply.name || supplyKindName(supply.kind)}` : 'Add to the shed'}
      onSubmit={(event) => void submit(event)}
      noValidate
    >
      <ChoiceField label="What it is" {...field('kind')}>
        {SUPPLY_KINDS.map((one) => (
          <option key={one} value={one}>
            {supplyKindName(one)}
          </option>
        ))}
      </ChoiceField>
      <TextField label="Your name for it (optional)" {...field('name')} />
      <TextField label={AMOUNT[SUPPLY_UNIT[kind]]} {...field('quantity')} />
      {HAS_LENGTH.includes(kind) && <TextField label="Length of each" {...field('length')} />}
      {IS_DRIVEN.includes(kind) && (
        <>
          <TextField label="Thickness (optional)" {...field('across')} />
          <ChoiceField label="Made of" {...field('material')}>
            <option value="">not given</option>
            {POST_MATERIALS.map((material) => (
              <option key={material} value={material}>
                {nameOf(material)}
              </option>
            ))}
          </ChoiceField>
        </>
      )}
      {kind === 'cage' && (
        <>
          <TextField label="Height of each (optional)" {...field('length')} />
          <TextField label="Width across (optional)" {...field('across')} />
        </>
      )}
      <TextField label="Amount in a pack" {...field('pack')} />
      <TextField label="Price of a pack (optional)" inputMode="decimal" {...field('price')} />
      <div className="col-span-2 space-y-2">
        <FormError message={problem} />
        <span className="flex gap-2">
          <button className="btn min-h-11 btn-primary" disabled={busy}>
            Save
          </button>
          <button type="button" className="btn min-h-11 bg-base-100" onClick={onDone}>
            Cancel
          </button>
        </span>
      </div>
    </form>
  )
}
