'use server'

import { array, number, object, string } from 'yup'
import { SEASON_BOUNDS } from '../core/bounds'
import { setWanted, type Wish, type WishChange } from '../data/wanted'

const wishes = array(
  object({ cultivar: string().required().max(64), count: number().required().integer().min(0) }).noUnknown(),
)
  .required()
  .min(1)
  .max(200)
const seasonField = number().required().integer().min(SEASON_BOUNDS[0]).max(SEASON_BOUNDS[1])

/** Keeps how many plants of some cultivars are wanted in a season. */
export async function want(season: number, typed: Wish[]): Promise<WishChange> {
  if (!seasonField.isValidSync(season, { strict: true }) || !wishes.isValidSync(typed, { strict: true }))
    return { ok: false, message: 'That cannot be saved. Enter whole numbers of plants.' }
  return setWanted(season, typed)
}
