'use server'

import { revalidatePath } from 'next/cache'
import { actor } from '../../actions/actor'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { EntryDraft } from '../../core/log'
import { loadGarden } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { correctEntry as putRight } from '../../data/log-writing'
import { removePhoto } from '../../data/photos'
import { sayDoubt } from '../../wording/doubts'
import { typedAgain } from './typed-again'

/** Enters what an entry should have been, and takes the one before back. */
export async function correctEntry(
  id: string,
  ids: { entry: string; taken: string },
  typed: Record<string, string>,
  sure = false,
): Promise<FormProblems | undefined> {
  const state = await loadGarden()
  const before = state?.record.entries.find((entry) => entry.id === id)
  if (!state || !before) return { form: 'That entry is gone. Load the screen again.' }
  const manner = mannerOf(state.garden)
  const { subject, kind, on, data, note } = before
  const again = await typedAgain(
    { id: ids.entry, subject, kind, on, data, note } as EntryDraft,
    typed,
    manner,
    state.now,
  )
  if ('fields' in again) return { fields: again.fields }
  const answer = await putRight(id, again.draft, ids.taken, sure === true, await actor())
  if ('doubt' in answer) {
    const { message, ask } = sayDoubt(answer.doubt, answer.manner)
    return { form: message, ask }
  }
  if (!answer.ok) return { form: answer.message }
  revalidatePath('/', 'layout')
  return undefined
}

/** Takes a photo away for good; false: it is no longer there. */
export async function dropPhoto(id: string): Promise<boolean> {
  const dropped = await removePhoto(String(id))
  if (dropped) revalidatePath('/', 'layout')
  return dropped
}
