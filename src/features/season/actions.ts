'use server'

import { isIsoDate } from '../../core/calendar'
import { changePlan, type PlanChange } from '../../data/planting-plan'

/** Plantings of one lane. */
const MOST_ALIKE = 500

/** Keeps the day on which plantings that are alike are meant to be sown; null: the season says. */
export async function moveSowing(plantingIds: string[], date: string | null): Promise<PlanChange> {
  if (date !== null && !isIsoDate(date))
    return { ok: false, message: 'That is not a date. Nothing was changed.' }
  return changePlan([plantingIds].flat().slice(0, MOST_ALIKE).map(String), { plannedSow: date })
}
