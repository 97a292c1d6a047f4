import type { ImportWay } from '../../core/facts'
import type { Refused } from '../../core/result'

export type ImportAnswer = { ok: true } | (Refused & { faults: string[] })

/** Sends a garden file to the server; null: it was stopped. */
export async function sendGarden(
  file: Blob,
  way: ImportWay,
  signal: AbortSignal,
): Promise<ImportAnswer | null> {
  try {
    const response = await fetch(`/import?way=${way}`, { method: 'POST', body: file, signal })
    return (await response.json()) as ImportAnswer
  } catch {
    return signal.aborted
      ? null
      : {
          ok: false,
          message: 'The server did not answer. Nothing was changed: try again.',
          faults: [],
        }
  }
}
