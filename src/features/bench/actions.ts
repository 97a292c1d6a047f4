'use server'

import { mannerOf } from '../../data/garden-row'
import { revalidatePath } from 'next/cache'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { Product } from '../../core/feeding'
import type { Result } from '../../core/result'
import { connectDevice, revokeDevice } from '../../data/devices'
import { idField } from '../../data/records/fields'
import { loadGarden } from '../../data/garden-state'
import { putProduct, type ProductChange } from '../../data/products'
import { checkForm } from '../../wording/check-form'
import { mergedForm } from '../../wording/merged-form'
import { productSchema, typedProduct, type ProductValues } from './mix/product-schema'
import { productRow } from '../../data/records/product'
import { NO_GARDEN } from '../../wording/database-problems'

/** Gives a place a sensor; its secret is told only now. */
export async function connectSensor(placeId: string): Promise<Result<{ token: string }>> {
  const token = idField().required().isValidSync(placeId) ? await connectDevice(placeId) : null
  return token === null
    ? { ok: false, message: 'That place is gone. Load the screen again.' }
    : { ok: true, token }
}

/** Takes a sensor's secret away; what it read stays. */
export async function disconnectSensor(id: string): Promise<Result> {
  if (idField().required().isValidSync(id)) await revokeDevice(id)
  return { ok: true }
}

const NO_FEED = 'That cannot be saved: it is not a feed. Load the screen again.'

/** Keeps a feed as typed from its label. @param shown the feed as its form began; null: it is a new one */
export async function keepProduct(
  id: string,
  typed: ProductValues,
  shown: ProductValues | null,
): Promise<FormProblems | undefined> {
  if (!idField().required().isValidSync(id)) return { form: NO_FEED }
  const state = await loadGarden()
  if (!state) return { form: NO_GARDEN }
  const before = state.products.find((one) => one.id === id)
  const merged = mergedForm(typed, shown, before && typedProduct(before, mannerOf(state.garden)), 'This feed')
  if ('problems' in merged) return merged.problems
  const checked = await checkForm(productSchema, merged.typed)
  if ('fields' in checked) return { fields: checked.fields }
  const values = checked.values as Omit<Product, 'id'>
  const days = values.release === 'coated' ? values.releaseDays : null
  const change = await putProduct(id, { ...values, releaseDays: days, id }, before ?? null)
  if (!change.ok) return { form: change.message }
  revalidatePath('/', 'layout')
}

/** Takes a feed away, or puts it back as it was. */
export async function putProductBack(id: string, row: Product | null): Promise<ProductChange> {
  if (
    !idField().required().isValidSync(id) ||
    (row !== null && (row.id !== id || !productRow.isValidSync(row, { strict: true })))
  )
    return { ok: false, message: NO_FEED }
  return putProduct(id, row)
}
