'use server'

import { revalidatePath } from 'next/cache'
import { actor } from '../../actions/actor'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { LogEntry } from '../../core/log'
import { loadGarden } from '../../data/garden-state'
import { mannerOf } from '../../data/gardens'
import { correctEntry as putRight } from '../../data/log-writing'
import { removePhoto } from '../../data/photos'
import { checkForm } from '../../wording/check-form'
import { sayDoubt } from '../../wording/doubts'
import { correctSchema } from './correct-schema'
import { correctable } from './correctable'

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
  const fields = correctable(before, manner)
  const checked = await checkForm(correctSchema(fields, manner, state.now), typed)
  if ('fields' in checked) return { fields: checked.fields }
  const { on, note, ...numbers } = checked.values as { on: LogEntry['on']; note: string } & Record<
    string,
    number | null
  >
  // A number that was not touched stays as exact as it was.
  const changed = Object.fromEntries(
    fields
      .filter(({ name, initial }) => typed[name] !== initial)
      .map(({ name, scale }) => [name, numbers[name] == null ? null : numbers[name] * scale]),
  )
  const answer = await putRight(
    id,
    {
      id: ids.entry,
      subject: before.subject,
      kind: before.kind,
      on,
      data: { ...before.data, ...changed },
      note,
    } as Parameters<typeof putRight>[1],
    ids.taken,
    sure === true,
    await actor(),
  )
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
