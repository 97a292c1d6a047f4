import { whichToKeep } from '../../../components/which'
import type { GroundEdit } from '../../../core/facts'
import type { Result } from '../../../core/result'
import type { KeptGround } from '../../../data/ground'
import { editGround } from '../actions'

/** Sends edits; where another hand changed the same, asks whose values are kept, and sends them again. */
export async function editSettled(edits: GroundEdit[]): Promise<Result<KeptGround>> {
  const answer = await editGround(edits)
  if (answer.ok || 'message' in answer) return answer
  const { id, about, fields, theirs } = answer.conflict
  const choice = await whichToKeep(about, fields)
  if (choice === null)
    return { ok: false, message: `${about} was changed in another window. Nothing was saved.` }
  const kept = (edit: GroundEdit) =>
    ({
      ...edit,
      row:
        choice === 'mine'
          ? edit.row
          : { ...edit.row, ...Object.fromEntries(fields.map(({ key }) => [key, theirs[key]])) },
      seen: theirs,
    }) as unknown as GroundEdit
  return editSettled(edits.map((edit) => (edit.id === id ? kept(edit) : edit)))
}
