import type { Result } from '../../core/result'
import { NOT_REACHED } from '../outbox/sent-act'

/**
 * Sends a photo of an entry.
 *
 * @param id the photo's own: the same sent again counts once
 * @returns null: it is kept; else why not
 */
export async function sendPhoto(
  entryId: string,
  picture: Blob,
  id: string,
): Promise<string | typeof NOT_REACHED | null> {
  try {
    const response = await fetch(`/photos?${new URLSearchParams({ entry: entryId, id })}`, {
      method: 'POST',
      body: picture,
    })
    if (response.status >= 500 && response.status !== 507) return NOT_REACHED
    const answer = (await response.json()) as Result
    return answer.ok ? null : answer.message
  } catch {
    return NOT_REACHED
  }
}
