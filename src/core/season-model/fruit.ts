import { PEPPER_SWELLS } from '../crop'
import type { Form } from './form'
import type { SeasonPlan } from './plan'
import type { PlantState } from './state'
import { LARGEST, LOSSES, MODEL, NITROGEN } from './working-values'

/** Of the way to ripe a fruit gains mass for. */
const SWELLS = 0.9
/** Days of its age in which a fruit rots from thirst, and share of the way from which it colours, and from which it is bare to the sun. */
const ROTS = { from: 5, to: 20 }
const COLOURS = 0.85
const SCALDS = 0.6
const SCALDS_OVER = 32

/**
 * Opens the trusses of a day: what sets follows from the weather around it, how well the plant is supplied, and what hangs
 * on it already.
 *
 * @param set share that the weather lets set; @param sinceOut days since it was set out; @param topped °C d
 * @returns trusses that opened; those that failed stay in the list with no fruit
 */
export function openTrusses(
  s: PlantState,
  plan: SeasonPlan,
  form: Form,
  { day, set, sinceOut, topped }: { day: number; set: number; sinceOut: number; topped: number },
): number {
  let opened = 0
  for (let stem = 0; stem < form.stems; stem++) {
    while (
      s.opened[stem]! < form.mostTrusses &&
      form.trussesFrom[stem]! + s.opened[stem]! * form.trussEvery <= Math.min(s.growth, topped) &&
      !s.isFull
    ) {
      s.opened[stem]!++
      opened++
      const at = s.count++
      s.openedAt[at] = s.growth
      s.openedOn[at] = day
      s.fruit[at] = s.mass[at] = s.rot[at] = s.cracks[at] = s.scald[at] = 0
      const isPinched = sinceOut < plan.pinched
      const supply = s.ease ** MODEL.setFeels
      const sets = form.flowers * form.bestSet * set * supply * (1 - NITROGEN.glutSet * s.glut)
      s.fruit[at] = isPinched || sets < MODEL.leastSet || swelling(s, form) >= form.mostSwelling ? 0 : sets
    }
  }
  return opened
}

/** What a plant that was bought in flower or fruit carries as it goes out; what would have been ripe was picked. */
export function carryTrusses(s: PlantState, form: Form, setOut: number): void {
  for (let stem = 0; stem < form.stems; stem++) {
    const due = () => form.trussesFrom[stem]! + s.opened[stem]! * form.trussEvery
    while (s.opened[stem]! < form.mostTrusses && due() <= s.growth && !s.isFull) {
      const openedAt = due()
      s.opened[stem]!++
      const way = (s.growth - openedAt) / (SWELLS * form.ripening)
      if (way >= 1) continue
      const at = s.count++
      s.openedAt[at] = openedAt
      s.openedOn[at] = setOut
      s.fruit[at] = form.flowers * form.bestSet
      s.mass[at] = s.fruit[at]! * form.fruitMass * way * way * (3 - 2 * way)
      s.rot[at] = s.cracks[at] = s.scald[at] = 0
    }
  }
}

/** Fruit that still swell. */
function swelling(s: PlantState, form: Form): number {
  if (form.mostSwelling === Infinity) return 0
  let fruit = 0
  for (let at = s.first; at < s.count; at++)
    if (s.growth - s.openedAt[at]! < PEPPER_SWELLS * form.ripening) fruit += s.fruit[at]!
  return fruit
}

/**
 * A day of fruit: what the leaves made is shared between fruit and shoots by how strongly each pulls.
 *
 * @param made g of dry matter; @param gained °C d; @param shoots g that new leaves ask for
 */
export function fillTrusses(s: PlantState, form: Form, made: number, gained: number, shoots: number): void {
  // kg fresh that one fruit could gain in the day, and g dry of all together.
  const most = form.fruitMass * LARGEST
  const step = gained / (SWELLS * form.ripening)
  let asked = 0
  for (let at = s.first; at < s.count; at++) {
    const way = (s.growth - s.openedAt[at]!) / (SWELLS * form.ripening)
    const pull = way > 0 && way < 1 ? s.fruit[at]! * most * 6 * way * (1 - way) * step : 0
    s.pull[at] = pull
    asked += pull
  }
  const dry = asked * form.dryShare * 1000
  const all = dry + shoots
  const usual = dry / LARGEST + shoots
  s.ease += ((usual > 0 ? Math.min(1, made / usual) : 1) - s.ease) / MODEL.eases
  if (dry === 0) return
  const share = Math.min(1, made / all)
  for (let at = s.first; at < s.count; at++) s.mass[at]! += s.pull[at]! * share
}

/** What a day costs fruit that hang: rot of thirst, cracks of a soaking after it, scald of sun on bare fruit. */
export function loseFruit(
  s: PlantState,
  form: Form,
  { day, tmax, bare }: { day: number; tmax: number; bare: number },
): void {
  const thirst = s.depletion > s.raw ? Math.min(1, (s.depletion - s.raw) / (s.taw - s.raw)) : 0
  const rot = LOSSES.rot * form.proneness * (thirst + LOSSES.rotOfGlut * s.glut)
  const isSoaked = s.before > s.raw && s.before - s.depletion >= 0.5 * s.before
  const scald = tmax > SCALDS_OVER ? LOSSES.scald * (tmax - SCALDS_OVER) * bare : 0
  if (rot === 0 && scald === 0 && !isSoaked) return
  for (let at = s.first; at < s.count; at++) {
    const age = day - s.openedOn[at]!
    if (age >= ROTS.from && age <= ROTS.to) s.rot[at] = Math.min(LOSSES.rotMost, s.rot[at]! + rot)
    const way = (s.growth - s.openedAt[at]!) / form.ripening
    if (way >= SCALDS) s.scald[at] = Math.min(1, s.scald[at]! + scald)
    if (isSoaked && way >= COLOURS) s.cracks[at] = Math.min(1, s.cracks[at]! + LOSSES.cracks)
  }
}
