import { CROP_KC, MULCH_SAVES, READILY, READILY_BOUNDS } from '../watering'
import type { Form } from './form'
import type { SeasonPlan } from './plan'
import type { PlantState } from './state'

const [LEAST_READILY, MOST_READILY] = READILY_BOUNDS

/**
 * A day of the roots' water [FAO-56 eq. 80–86, single Kc by the share of the ground that leaf covers]: rain and watering
 * come first and what is over field capacity drains; then the plant takes Ks × ETc. Water in is water out and the change.
 *
 * @param cover share of its room's light that its leaf takes, 0–1
 * @param sinceOut days since it was set out
 * @returns L that it used
 */
export function waterDay(
  s: PlantState,
  plan: SeasonPlan,
  form: Form,
  day: { et0: number; kcOfAir: number; rain: number },
  cover: number,
  sinceOut: number,
): number {
  const { crop } = plan.cultivar
  const { start, staked } = CROP_KC[crop]
  // A mulch keeps back what the bare soil would lose.
  const kc = (start + (staked + day.kcOfAir - start) * cover) * (1 - MULCH_SAVES[plan.mulch])
  const et = Math.max(0, day.et0 * kc)
  const roots = Math.min(1, s.since / form.rootsOver)
  const taw = form.waterFirst + (form.waterGrown - form.waterFirst) * roots
  const p = Math.min(MOST_READILY, Math.max(LEAST_READILY, READILY[crop] + 0.04 * (5 - et)))
  s.taw = taw
  s.raw = p * taw
  s.before = s.depletion
  const rain = day.rain * form.catches
  const given = wateringOf(s, plan, sinceOut)
  const after = s.depletion - rain - given
  s.given = given
  s.drained = Math.max(0, -after)
  const missing = Math.max(0, after)
  s.stress = missing <= s.raw ? 1 : Math.max(0, (taw - missing) / (taw - s.raw))
  const used = Math.min(s.stress * et * form.room, Math.max(0, taw - missing))
  s.depletion = missing + used
  return used
}

/** L given on a day: what is looked at on the day of a visit only. */
function wateringOf(s: PlantState, { watering }: SeasonPlan, sinceOut: number): number {
  if (watering.by === 'rain' || sinceOut % watering.every !== 0) return 0
  if (watering.by === 'fixed') return watering.litres
  return s.depletion > watering.at * s.raw ? Math.min(watering.most, s.depletion) : 0
}
