import { strToU8, zipSync, type Zippable } from 'fflate'
import { GARDEN_DOCUMENT, type GardenFile } from './records'
import { photoName } from './photo-content'
import { pictureOf } from './photos'

/** A garden with its photos as a zip file: `garden.json`, and `photos/` with a picture for each of its photos. */
export async function zipGarden(file: GardenFile): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Zippable = { [GARDEN_DOCUMENT]: strToU8(JSON.stringify(file, null, 1)) }
  for (const photo of file.photos) {
    const picture = await pictureOf(photo)
    // Pictures are packed already.
    if (picture) parts[`photos/${photoName(photo)}`] = [picture, { level: 0 }]
  }
  return zipSync(parts) as Uint8Array<ArrayBuffer>
}
