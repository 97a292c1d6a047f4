import type { GardenFile } from '../records'
import type { ReadGarden, ReadProblem } from '../garden-reading'
import { aside } from './thread'

/** What the reading thread tells: what is wrong, or the garden a portion at a time. */
export type ToldOfGarden =
  | { problem: ReadProblem }
  | { head: Pick<GardenFile, 'format' | 'version' | 'garden'> }
  | { list: string; rows: unknown[] }
  | { picture: { id: string; content: Uint8Array } }
  | { whole: true }

/**
 * Reads an uploaded garden in a thread of its own.
 *
 * @param content is handed over: it is empty afterwards
 */
export async function readGardenAside(
  content: Uint8Array<ArrayBuffer>,
): Promise<ReadGarden | { problem: ReadProblem }> {
  const file: Record<string, unknown> = {}
  const pictures = new Map<string, Uint8Array>()
  const read = await aside('garden', content, (told: ToldOfGarden) => {
    if ('problem' in told) return told
    if ('whole' in told) return { file: file as unknown as GardenFile, pictures }
    if ('head' in told) Object.assign(file, told.head)
    else if ('picture' in told) pictures.set(told.picture.id, told.picture.content)
    else {
      const rows = (file[told.list] ??= []) as unknown[]
      for (const row of told.rows) rows.push(row)
    }
    return undefined
  })
  return read ?? { problem: { kind: 'too-large' } }
}
