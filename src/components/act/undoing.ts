import { say, sayFault } from '../say'
import type { Refused, Result } from '../../core/result'

/** What came of a request that nothing came of. */
export const NO_ANSWER: Refused = {
  ok: false,
  message: 'The server did not answer. What you typed is still here: try again.',
}

/**
 * Undoes an act, says what came of it, whatever came of it, and answers whether it is undone.
 *
 * @param act what is undone, as in `watering of Bed 2`
 */
export async function undoing(act: string, undo: () => Promise<Result>): Promise<boolean> {
  const answer = await undo().catch(() => null)
  if (answer === null) sayFault(`Undo of ${act}: the server did not answer. Try again.`)
  else if (!answer.ok) sayFault(`Undo of ${act}: ${answer.message}`)
  else say(`Undone: ${act}.`)
  return answer?.ok ?? false
}
