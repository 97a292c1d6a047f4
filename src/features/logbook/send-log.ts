import type { Refused } from '../../core/result'

/** What came of a logbook's CSV: how much of it is new; or what is wrong, and how many lines could be taken. */
export type LogAnswer =
  { ok: true; taken: number; known: number } | (Refused & { faults: string[]; more: number; good: number })

/** Sends a logbook's CSV to the server. */
export async function sendLog(file: Blob, onlyGood: boolean): Promise<LogAnswer> {
  try {
    const response = await fetch(`/import/logbook${onlyGood ? '?only=good' : ''}`, {
      method: 'POST',
      body: file,
    })
    return (await response.json()) as LogAnswer
  } catch {
    const message = 'The server did not answer. Nothing was imported. Try again.'
    return { ok: false, message, faults: [], more: 0, good: 0 }
  }
}
