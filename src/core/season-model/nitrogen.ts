import { FIRST_ORDER, shareInSeason } from '../feeding'
import type { Form } from './form'
import type { SeasonPlan } from './plan'
import type { PlantState } from './state'
import { NITROGEN } from './working-values'

/** g of dry matter of a usual transplant, about; it comes with what it wants. */
const TRANSPLANT = 4

export function beginNitrogen(s: PlantState, plan: SeasonPlan, form: Form): void {
  s.pool = form.inSpring
  s.wanted = s.taken = TRANSPLANT * NITROGEN[plan.cultivar.crop]
}

/**
 * A day of nitrogen in reach of the roots: what comes free of soil and feeds, what drains away, and what the growth of the
 * day asks for.
 *
 * @param pace of release, of that at 20 °C; @param sinceOut days since it was set out; @param grown g of dry matter
 */
export function feedDay(
  s: PlantState,
  plan: SeasonPlan,
  form: Form,
  pace: number,
  sinceOut: number,
  grown: number,
): void {
  const { feeds } = plan
  s.pool += form.mineral * pace
  for (let feed = 0; feed < feeds.length; feed++) {
    const { day, nitrogen, release, days } = feeds[feed]!
    // What went into the ground before it was set out has lain there since.
    if (day === sinceOut || (sinceOut === 0 && day < 0)) {
      if (release === 'soluble') s.pool += nitrogen
      else s.bound[feed] = nitrogen * shareInSeason(release, 'n')
    }
    const bound = s.bound[feed]!
    if (bound <= 0) continue
    const free =
      release === 'coated'
        ? Math.min(bound, (nitrogen / (days ?? 90)) * pace)
        : bound * Math.min(1, FIRST_ORDER * pace)
    s.bound[feed] = bound - free
    s.pool += free
  }
  if (s.drained > 0) s.pool *= form.holds / (form.holds + s.drained)
  const wants = grown * NITROGEN[plan.cultivar.crop]
  s.wanted += wants
  const taken = Math.min(s.pool * NITROGEN.reach, Math.max(0, s.wanted - s.taken))
  s.taken += taken
  s.pool -= taken
  const perMetre = s.pool / form.room
  s.glut = Math.min(1, Math.max(0, (perMetre - NITROGEN.glut) / (NITROGEN.glutMost - NITROGEN.glut)))
}

/** What nitrogen leaves of a day's growth, 0–1. */
export function nitrogenFactor(s: PlantState): number {
  const share = s.wanted > 0 ? s.taken / s.wanted : 1
  return Math.min(1, Math.max(0, (share - NITROGEN.starved) / (NITROGEN.enough - NITROGEN.starved)))
}
