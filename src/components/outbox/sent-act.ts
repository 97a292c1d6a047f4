import type { EntryDraft, EntryKind } from '../../core/log'
import type { Refused, Result } from '../../core/result'

/** What one act asks for: entries, all or none of them; or to take back what one entered. */
export type Wanted =
  | { entries: EntryDraft[]; sure: boolean }
  /** Without `entry` what was entered last; `alone`: only the entry itself, not what was entered with it. */
  | { undo: { id: string; entry?: string; alone?: boolean } }

/** An act as it goes to the server, the same from every version of the application. */
export type SentAct = Wanted & {
  /** Of the entries' shape, as a garden file counts it. */
  version: number
  /** The garden that it is for; null: whichever is at work. */
  garden: string | null
}

/**
 * What came of it, in words. `ask`: it is taken when the gardener says that it is so. `elsewhere`: another garden is
 * at work.
 */
export type Answered =
  | Extract<Result<{ kind: EntryKind | null }>, { ok: true }>
  | (Refused & { ask?: true; elsewhere?: true; signedOut?: true })

/** Why nothing was answered: the network, or a server that is not there. */
export const NOT_REACHED = 'not-reached'

/** A network that is bad rather than gone is waited for so long, ms. */
const PATIENCE = 8000

/** Each act of a group has so much more, ms. */
const PATIENCE_EACH = 500

/** Sends an act; {@link NOT_REACHED}: it may have arrived or not, and is safe to send again. */
export async function sendAct(act: SentAct): Promise<Answered | typeof NOT_REACHED> {
  const answers = await sendActs([act])
  return answers === NOT_REACHED ? NOT_REACHED : (answers[0] ?? NOT_REACHED)
}

/**
 * Sends acts that the server carries out in order, each by itself.
 *
 * @returns the answer to each, as far as the server came
 */
export async function sendActs(acts: readonly SentAct[]): Promise<Answered[] | typeof NOT_REACHED> {
  try {
    const response = await fetch('/entries', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ acts }),
      signal: AbortSignal.timeout(PATIENCE + PATIENCE_EACH * acts.length),
    })
    if (response.headers.get('content-type')?.includes('application/json')) {
      const { answers } = (await response.json()) as { answers?: Answered[] }
      return answers ?? NOT_REACHED
    }
    if (response.status >= 500) return NOT_REACHED
    const message = await response.text()
    return acts.map(() => ({ ok: false, message, ...(response.status === 401 ? { signedOut: true } : {}) }))
  } catch {
    return NOT_REACHED
  }
}
