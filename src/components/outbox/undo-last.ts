import { v7 } from 'uuid'
import { undoEntered, undoNow, type Came } from './enter'
import { keptActs } from './kept'

/** Takes back what was entered last: what waits on this device, else what the server has. */
export async function undoLast(): Promise<Came & { said?: string }> {
  const last = (await keptActs()).filter(({ act, refused }) => 'entries' in act && refused === null).at(-1)
  if (!last) return undoNow({ id: v7() })
  const { id, said, on } = last
  return { ...(await undoEntered({ id: v7(), entry: id }, { said: `Undo: ${said}`, on })), said }
}
