import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { EntryDraft } from '../../core/log'
import { checkForm } from '../../wording/check-form'
import { correctSchema } from './correct-schema'
import { correctable } from './correctable'

/** An entry as it should have been, from what was typed of it; or what is wrong with that, by field. */
export async function typedAgain(
  before: EntryDraft,
  typed: Record<string, string>,
  manner: Manner,
  now: IsoDate,
): Promise<{ draft: EntryDraft } | { fields: Record<string, string> }> {
  const fields = correctable(before, manner)
  const checked = await checkForm(correctSchema(fields, manner, now), typed)
  if ('fields' in checked) return { fields: checked.fields }
  const { on, note, ...numbers } = checked.values as { on: IsoDate; note: string } & Record<
    string,
    number | null
  >
  // A number that was not touched stays as exact as it was.
  const changed = Object.fromEntries(
    fields
      .filter(({ name, initial }) => typed[name] !== initial)
      .map(({ name, scale }) => [name, numbers[name] == null ? null : numbers[name] * scale]),
  )
  return { draft: { ...before, on, data: { ...before.data, ...changed }, note } as EntryDraft }
}
