import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate'
import { LARGEST_PHOTO } from '../core/facts'
import { photoName, pictureOf } from './photos'
import type { GardenFile } from './garden-file'

const DOCUMENT = 'garden.json'
/** Bytes of the largest document, and of all that a zip file may hold, unpacked. */
const LARGEST_DOCUMENT = 200 * 1024 * 1024
const LARGEST_ALL = 1024 * 1024 * 1024

/** Bytes of the largest upload that is read at all. */
export const LARGEST_UPLOAD = 512 * 1024 * 1024

/** A garden with its photos as a zip file: `garden.json`, and `photos/` with a picture for each of its photos. */
export async function zipGarden(file: GardenFile): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Zippable = { [DOCUMENT]: strToU8(JSON.stringify(file, null, 1)) }
  for (const photo of file.photos) {
    const picture = await pictureOf(photo)
    // Pictures are packed already.
    if (picture) parts[`photos/${photoName(photo)}`] = [picture, { level: 0 }]
  }
  return zipSync(parts) as Uint8Array<ArrayBuffer>
}

/** The document of a garden file and the pictures that came with it, by their ids. */
export interface GardenUpload {
  text: string
  pictures: Map<string, Uint8Array>
}

const isZip = (content: Uint8Array) => content[0] === 0x50 && content[1] === 0x4b

/** Takes an uploaded garden apart, zip or plain JSON; null: a zip file that is damaged, or none of a garden. */
export function readUpload(content: Uint8Array): GardenUpload | null {
  if (!isZip(content)) return { text: strFromU8(content), pictures: new Map() }
  try {
    let all = 0
    const parts = unzipSync(content, {
      filter: ({ name, originalSize }) => {
        const wanted =
          name === DOCUMENT
            ? originalSize <= LARGEST_DOCUMENT
            : PICTURE.test(name) && originalSize <= LARGEST_PHOTO
        if (wanted) all += originalSize
        return wanted && all <= LARGEST_ALL
      },
    })
    const document = parts[DOCUMENT]
    if (!document) return null
    const pictures = Object.entries(parts).flatMap(([name, picture]): [string, Uint8Array][] => {
      const id = PICTURE.exec(name)?.[1]
      return id === undefined ? [] : [[id, picture]]
    })
    return { text: strFromU8(document), pictures: new Map(pictures) }
  } catch {
    return null
  }
}

const PICTURE = /^photos\/([\w.-]{1,64})\.(?:jpg|png|webp)$/
