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

/** Sends an act; {@link NOT_REACHED}: it may have arrived or not, and is safe to send again. */
export async function sendAct(act: SentAct): Promise<Answered | typeof NOT_REACHED> {
  try {
    const response = await fetch('/entries', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(act),
      signal: AbortSignal.timeout(PATIENCE),
    })
    if (response.headers.get('content-type')?.includes('application/json'))
      return (await response.json()) as Answered
    if (response.status >= 500) return NOT_REACHED
    const message = await response.text()
    return { ok: false, message, ...(response.status === 401 ? { signedOut: true } : {}) }
  } catch {
    return NOT_REACHED
  }
}
