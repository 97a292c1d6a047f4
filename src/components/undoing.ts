import { toast } from 'sonner'
import { v7 } from 'uuid'

type Answer = { ok: true } | { ok: false; message: string }

/** Undoes an act and says what came of it, whatever came of it. @param act what is undone, as in `watering of Bed 2` */
export async function undoing(act: string, undo: () => Promise<Answer>): Promise<void> {
  const answer = await undo().catch(() => null)
  if (answer === null) toast.error(`Undo of ${act}: the server did not answer. Try again.`)
  else if (!answer.ok) toast.error(`Undo of ${act}: ${answer.message}`)
  else toast(`Undone: ${act}.`)
}

/** The button of a message that undoes what it tells of. */
export const undoButton = (act: string, undo: () => Promise<Answer>) => ({
  label: 'Undo',
  onClick: () => void undoing(act, undo),
})

/** The button that takes entries of the log back. @param entry one of the act */
export const undoEntry = (
  act: string,
  entry: string,
  undo: (voiding: { id: string; entry: string }) => Promise<Answer>,
) => undoButton(act, () => undo({ id: v7(), entry }))
