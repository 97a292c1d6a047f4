import { MATURE_GREEN } from '../season'
import type { Form } from './form'
import type { SeasonPlan } from './plan'
import type { PlantSeason } from './season'
import type { PlantState } from './state'
import { LOSSES } from './working-values'

/**
 * Picks what is ripe on a day: the oldest truss always comes first.
 *
 * @returns whether anything sound was
 */
export function pickRipe(
  state: PlantState,
  plan: SeasonPlan,
  form: Form,
  result: PlantSeason,
  day: number,
): boolean {
  const sum = form.pickedAt * form.ripening
  let picked = 0
  while (state.first < state.count && state.growth - state.openedAt[state.first]! >= sum) {
    const at = state.first++
    if (state.fruit[at] === 0) {
      result.failed++
      continue
    }
    const sound = soundOf(state, plan, result, at)
    picked += state.mass[at]! * sound
    result.fruit += state.fruit[at]! * sound
  }
  if (picked <= 0) return false
  result.ripeByDay[day] = picked
  result.sound += picked
  result.firstRipe ??= day
  return true
}

/** Counts what hangs when a plant ends: full-grown fruit ripen indoors, unless disease took it. */
export function leaveRest(
  state: PlantState,
  plan: SeasonPlan,
  form: Form,
  result: PlantSeason,
  takes: 'disease' | 'frost',
): void {
  for (let at = state.first; at < state.count; at++) {
    const mass = state.mass[at]!
    const isMature = state.growth - state.openedAt[at]! >= MATURE_GREEN * form.ripening
    if (isMature && takes === 'frost') result.indoors += mass * soundOf(state, plan, result, at)
    else result.lost[takes] += mass
    if (state.fruit[at] === 0 && isMature) result.failed++
  }
}

/** Share of a truss that is sound; what is not is counted to what took it. */
function soundOf(state: PlantState, plan: SeasonPlan, { lost }: PlantSeason, at: number): number {
  const mass = state.mass[at]!
  const ground = onGround(state, plan)
  const all = state.rot[at]! + state.cracks[at]! + state.scald[at]! + ground
  // Of fruit that more than one would have taken each takes its share.
  const scale = all > 1 ? 1 / all : 1
  lost.rot += mass * state.rot[at]! * scale
  lost.cracks += mass * state.cracks[at]! * scale
  lost.scald += mass * state.scald[at]! * scale
  lost.ground += mass * ground * scale
  return 1 - all * scale
}

function onGround(state: PlantState, { training, mulch, cultivar, untied }: SeasonPlan): number {
  const lies =
    training === 'sprawling' ? 1 : training === 'bush' && cultivar.habit !== 'dwarf' ? LOSSES.bushLies : 0
  const down = Math.max(lies, { stands: 0, leans: LOSSES.bushLies, lies: 1 }[untied ?? 'stands'])
  const wet = LOSSES.onGround + (LOSSES.onWetGround - LOSSES.onGround) * state.wet
  return down * (mulch === 'bare' ? wet : 0.7 * wet)
}
