import { say, sayFault } from '../say'
import type { Refused, Result } from '../../core/result'
import { KEEPERS_ONLY, SIGNED_OUT } from '../../wording/access'

/** What came of a request that nothing came of. */
export const NO_ANSWER: Refused = {
  ok: false,
  message: 'The server did not answer. What you typed is still here: try again.',
}

/** What the guard answers in place of the action that was asked for. */
const TURNED_AWAY = [SIGNED_OUT, KEEPERS_ONLY]

/** Why a request failed: the guard turned it away, or there was no answer. */
export const noAnswer = (error: unknown): Refused =>
  error instanceof Error && TURNED_AWAY.includes(error.message)
    ? { ok: false, message: error.message }
    : NO_ANSWER

/**
 * Undoes an act and says what came of it, whatever came of it.
 *
 * @param act what is undone, as in `watering of Bed 2`
 * @returns what was answered; null: it is not undone
 */
export async function undoing<Answer extends Result>(
  act: string,
  undo: () => Promise<Answer>,
): Promise<Extract<Answer, { ok: true }> | null> {
  const answer = await undo().catch(noAnswer)
  if (answer === NO_ANSWER) sayFault(`Undo of ${act}: the server did not answer. Try again.`)
  else if (!answer.ok) sayFault(`Undo of ${act}: ${answer.message}`)
  else say(`Undone: ${act}.`)
  return answer.ok ? (answer as Extract<Answer, { ok: true }>) : null
}
