'use server'

import { redirect } from 'next/navigation'
import type { FormProblems } from '../../components/forms/use-checked-form'
import { RAISING_WAYS, SUPPORTS, type RaisingWay, type Support } from '../../core/facts'
import { dayOf } from '../../core/garden-day'
import { write } from '../../data/database'
import { loadGarden } from '../../data/garden-state'
import { currentGarden } from '../../data/gardens'
import { mannerOf, todayIn } from '../../data/garden-row'
import { changePlan, type PlanChange } from '../../data/planting-plan'
import { checkForm } from '../../wording/check-form'
import { makePlantings, Refused, type Checked } from './new-planting/making'
import { plantingSchema } from './new-planting/schema'
import type { PlantingValues } from './new-planting/values'

/** Makes plantings with their plants, and the places or the cultivar that they bring. */
export async function plan(typed: PlantingValues): Promise<FormProblems | undefined> {
  const state = await loadGarden()
  if (state === null) return { form: 'You have no garden yet. Start one first.' }
  const day = dayOf(state, state.now)
  const made = await write(async (tx): Promise<{ ids: string[] } | FormProblems> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: 'You have no garden yet. Start one first.' }
    const decides = typed ?? { cultivar: '', differs: '', begins: '', got: '' }
    const checked = await checkForm(plantingSchema(mannerOf(garden), todayIn(garden), decides), typed)
    if ('fields' in checked) return { fields: checked.fields }
    const values = { ...checked.values, differs: decides.differs } as unknown as Checked
    return makePlantings(tx, garden, values, day)
  }).catch((error: unknown): FormProblems => {
    if (error instanceof Refused) return error.problems
    throw error
  })
  if (!('ids' in made)) return made
  redirect(`/plantings/${made.ids[0]}?made=${made.ids.length}`)
}

/** Raises a planting in another way, as far as that is still open. */
export async function chooseWay(plantingId: string, way: RaisingWay): Promise<PlanChange> {
  if (!RAISING_WAYS.includes(way)) return { ok: false, message: 'There is no such way to raise a plant.' }
  return changePlan([String(plantingId)], { raising: way })
}

/** Holds a planting up in another way from now on. */
export async function chooseSupport(plantingId: string, support: Support): Promise<PlanChange> {
  if (!SUPPORTS.includes(support)) return { ok: false, message: 'There is no such support.' }
  return changePlan([String(plantingId)], { support })
}
