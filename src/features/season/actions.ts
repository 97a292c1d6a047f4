'use server'

import { isIsoDate } from '../../core/calendar'
import { changePlan, type PlanChange } from '../../data/planting-plan'

/** Keeps the day a planting is meant to be sown; null: the season says. */
export async function moveSowing(plantingId: string, date: string | null): Promise<PlanChange> {
  if (date !== null && !isIsoDate(date))
    return { ok: false, message: 'This is not a date. The sowing date stays as it was.' }
  return changePlan(String(plantingId), { plannedSow: date })
}
