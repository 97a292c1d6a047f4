import type { Form } from './form'
import type { SeasonPlan } from './plan'
import type { PlantState } from './state'
import { DISEASE, MODEL } from './working-values'

/** Leaves of all stems by so many °C d since it came up. */
export function leavesBy(form: Form, growth: number, topped: number): number {
  const { stems, leavesFrom, leafEvery, mostLeaves } = form
  const grown = Math.min(growth, topped)
  let leaves = 0
  for (let stem = 0; stem < stems; stem++) {
    const own = (grown - leavesFrom[stem]!) / leafEvery
    if (own > 0) leaves += Math.min(own, mostLeaves)
  }
  return leaves
}

/** † Of shoots' growth, what thirst leaves: they give way before fruit do. Against: Ky of yield within a quarter. */
export const expanding = (stress: number): number => stress ** 1.5

/** m² of a plant's leaf as it leaves its tray. */
export function trayLeaf(form: Form, growth: number): number {
  const every = form.leafEvery
  const nodes = Math.max(0, (growth - form.leavesFrom[0]!) / every)
  const unfolded = Math.min(nodes, form.leafGrows / every)
  // Leaf by leaf from the tip down each has grown longer, up to its full area.
  const grown = nodes - unfolded + (unfolded * unfolded * every) / (2 * form.leafGrows)
  return form.leafArea * grown * MODEL.trayLeaf
}

/**
 * A day of leaf: the young expand, the old fall; crowded shoots stay behind.
 *
 * @param gained °C d of the day; @param topped °C d since it came up after which no leaf begins
 */
export function leafDay(s: PlantState, form: Form, gained: number, nitrogen: number, topped: number): void {
  const { growth } = s
  const young = leavesBy(form, growth, topped) - leavesBy(form, growth - form.leafGrows, topped)
  const crowd = s.leaf / form.room / MODEL.mostLeaf
  const room = Math.max(0, 1 - crowd * crowd)
  s.leaf += (form.leafArea / form.leafGrows) * young * gained * expanding(s.stress) * nitrogen * room
  const aged = leavesBy(form, growth - form.leafAges, topped)
  const falls = aged - leavesBy(form, growth - gained - form.leafAges, topped)
  const alive = leavesBy(form, growth, topped) - aged
  if (falls > 0) s.leaf *= Math.max(0, 1 - falls / Math.max(falls, alive + falls))
}

/**
 * A day of disease, as shares of leaf: spots splash up from the soil and go from leaf to leaf; late blight comes
 * with the air and takes a plant in days.
 */
export function diseaseDay(
  s: PlantState,
  plan: SeasonPlan,
  form: Form,
  { severity, blight, isCovered }: { severity: number; blight: number; isCovered: boolean },
): void {
  const splash = isCovered && !plan.overhead ? 0.2 * form.splash : form.splash
  const spread = DISEASE.spreads * form.density * form.resistant
  const arrives = DISEASE.splash * splash
  s.spots += severity * (spread * s.spots + arrives) * (1 - s.spots)
  s.blight +=
    blight *
    (DISEASE.blightSpreads * form.density * form.resistant * s.blight + DISEASE.blight) *
    (1 - s.blight)
  s.wet += ((severity > 0 ? 1 : 0) - s.wet) / 10
}
