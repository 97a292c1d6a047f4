'use server'

import { revalidatePath } from 'next/cache'
import { array, number, object, string, ValidationError } from 'yup'
import type { FormProblems } from '../../components/forms/use-checked-form'
import { HAS_LENGTH, SUPPLY_KINDS, type Supply } from '../../core/facts'
import { loadGarden } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { addSupplies, putSupply, type SupplyChange } from '../../data/supplies'
import { checkForm } from '../../wording/check-form'
import { mergedForm } from '../../wording/merged-form'
import { supplySchema, typedSupply, type SupplyValues } from './schema'
import { supplyRow } from '../../data/records/supply'
import { NO_GARDEN } from '../../wording/database-problems'

const identity = string().required().max(64)

/** Keeps a line of the shed as typed. @param shown the line as its form began; null: it is a new one */
export async function keepSupply(
  id: string,
  typed: SupplyValues,
  shown: SupplyValues | null,
): Promise<FormProblems | undefined> {
  const state = await loadGarden()
  if (!state) return { form: NO_GARDEN }
  if (!identity.isValidSync(id)) return { form: 'That item is not in the shed. Load the screen again.' }
  const manner = mannerOf(state.garden)
  const before = state.supplies.find((line) => line.id === id)
  const merged = mergedForm(typed, shown, before && typedSupply(before, manner), 'This item')
  if ('problems' in merged) return merged.problems
  const checked = await checkForm(supplySchema(manner, merged.typed ?? { kind: '' }), merged.typed)
  if ('fields' in checked) return { fields: checked.fields }
  const change = await putSupply(id, { id, ...(checked.values as Omit<Supply, 'id'>) }, before ?? null)
  if (!change.ok) return { form: change.message }
  revalidatePath('/', 'layout')
}

/** Takes a line out of the shed, or puts it back as it was. */
export async function putBack(id: string, row: Supply | null): Promise<SupplyChange> {
  if (
    !identity.isValidSync(id) ||
    (row !== null && (row.id !== id || !supplyRow.isValidSync(row, { strict: true })))
  )
    return { ok: false, message: 'That cannot be saved: it is not a supply that Prairie knows.' }
  return putSupply(id, row)
}

const bought = array(
  object({
    id: identity,
    like: identity.nullable().defined(),
    kind: string().required().oneOf(SUPPLY_KINDS),
    length: number().nullable().defined().min(0.01).max(100),
    pack: number().required().min(0.001).max(1_000_000),
    packs: number().required().integer().min(1).max(100_000),
  }).noUnknown(),
)
  .required()
  .max(200)

/** What was bought of one line of the buying list; `id`: that of a new line, where the shed has none like it. */
export type Bought = Pick<Supply, 'id' | 'kind' | 'length' | 'pack'> & { like: string | null; packs: number }

/** Puts what was bought into the shed. */
export async function markBought(typed: Bought[]): Promise<SupplyChange> {
  let checked: Bought[]
  try {
    checked = bought.validateSync(typed, { strict: true }) as Bought[]
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return { ok: false, message: `That cannot be saved: ${error.message}.` }
  }
  return addSupplies(
    checked.map(({ id, like, kind, length, pack, packs }) => ({
      id: like ?? id,
      kind,
      name: '',
      quantity: pack * packs,
      length: HAS_LENGTH.includes(kind) ? length : null,
      across: null,
      material: null,
      pack,
      price: null,
    })),
  )
}
