import type { ImportWay } from '../core/facts'
import { importGarden, type ImportResult } from '../data/garden-import'
import { readGardenUpload } from '../data/garden-reading'

/** Reads and takes a garden file as the import does, in this very thread. */
export async function takeGarden(
  content: string | Uint8Array,
  way: ImportWay = 'instead',
): Promise<ImportResult> {
  const read = readGardenUpload(typeof content === 'string' ? new TextEncoder().encode(content) : content)
  return 'problem' in read ? read : importGarden(read, way)
}
