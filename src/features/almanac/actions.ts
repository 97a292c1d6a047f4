'use server'

import { HOUSE_DECISIONS, type HouseDecision } from '../../core/garden-day'
import type { Result } from '../../core/result'
import { chooseSchool } from '../../data/house-schools'
import { NO_GARDEN } from '../../wording/database-problems'

/** Makes a way the house's own. */
export async function choose(decision: string, school: string): Promise<Result> {
  const ways = Object.hasOwn(HOUSE_DECISIONS, decision) ? HOUSE_DECISIONS[decision as HouseDecision] : null
  if (!ways || !(ways as readonly string[]).includes(school))
    return { ok: false, message: 'That method does not exist. Load the screen again.' }
  if (!(await chooseSchool(decision as HouseDecision, school))) return { ok: false, message: NO_GARDEN }
  return { ok: true }
}
