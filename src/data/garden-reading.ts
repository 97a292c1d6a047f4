import { unzipSync } from 'fflate'
import { GARDEN_VERSION, LARGEST } from '../core/facts'
import { GARDEN_DOCUMENT, GARDEN_FORMAT, type GardenFile } from './records'
import { danglingReferences, gardenFileFaults, MOST_FAULTS } from './garden-file-schema'
import { upgraded } from './garden-upgrade'
import { readPhoto, type Photo } from './photo-content'
import { scanJson } from './scan-json'

/** What is wrong with a garden file; nothing was changed. */
export type ReadProblem =
  | { kind: 'damaged-zip' }
  | { kind: 'too-large' }
  | { kind: 'too-deep' }
  | { kind: 'not-json'; line: number; column: number }
  | { kind: 'not-a-garden' }
  | { kind: 'newer'; version: number }
  | { kind: 'invalid'; faults: string[] }

/** A garden file that was read and is sound, with the pictures that came with it by their photos' ids. */
export interface ReadGarden {
  file: GardenFile
  pictures: ReadonlyMap<string, Uint8Array>
}

/** Reads an uploaded garden, zip or plain JSON, without taking it. */
export function readGardenUpload(content: Uint8Array): ReadGarden | { problem: ReadProblem } {
  const upload = isZip(content) ? unpacked(content) : { document: content, pictures: new Map() }
  if ('problem' in upload) return upload
  const read = readGardenFile(upload.document)
  if ('problem' in read) return read
  const faults = pictureFaults(read.file.photos, upload.pictures)
  return faults.length > 0
    ? { problem: { kind: 'invalid', faults } }
    : { file: read.file, pictures: upload.pictures }
}

const isZip = (content: Uint8Array) => content[0] === 0x50 && content[1] === 0x4b

/** A document that packs better than this is no garden's. */
const MOST_RATIO = 150
const PICTURE = /^photos\/([\w.-]{1,64})\.(?:jpg|png|webp)$/

function unpacked(
  content: Uint8Array,
): { document: Uint8Array; pictures: Map<string, Uint8Array> } | { problem: ReadProblem } {
  let all = 0
  let isTooLarge = false
  try {
    const parts = unzipSync(content, {
      filter: ({ name, originalSize, size }) => {
        const isDocument = name === GARDEN_DOCUMENT
        if (!isDocument && !(PICTURE.test(name) && originalSize <= LARGEST.photo)) return false
        all += originalSize
        isTooLarge ||=
          all > LARGEST.garden + LARGEST.document ||
          (isDocument &&
            (originalSize > LARGEST.document || originalSize > MOST_RATIO * Math.max(size, 4096)))
        return !isTooLarge
      },
    })
    if (isTooLarge) return { problem: { kind: 'too-large' } }
    const document = parts[GARDEN_DOCUMENT]
    if (!document) return { problem: { kind: 'damaged-zip' } }
    const pictures = Object.entries(parts).flatMap(([name, picture]): [string, Uint8Array][] => {
      const id = PICTURE.exec(name)?.[1]
      return id === undefined ? [] : [[id, picture]]
    })
    return { document, pictures: new Map(pictures) }
  } catch {
    return { problem: { kind: isTooLarge ? 'too-large' : 'damaged-zip' } }
  }
}

/** Reads the document of a garden file without taking it. */
function readGardenFile(content: Uint8Array): { file: GardenFile } | { problem: ReadProblem } {
  if (content.byteLength > LARGEST.document) return { problem: { kind: 'too-large' } }
  const shape = scanJson(content)
  if (shape !== 'sound') return { problem: { kind: shape === 'too-deep' ? 'too-deep' : 'too-large' } }
  const text = new TextDecoder().decode(content)
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch (error) {
    return { problem: { kind: 'not-json', ...faultPlace(text, error as SyntaxError) } }
  }
  const head = document as Partial<GardenFile> | null
  if (typeof head !== 'object' || head === null || head.format !== GARDEN_FORMAT)
    return { problem: { kind: 'not-a-garden' } }
  if (typeof head.version === 'number' && head.version > GARDEN_VERSION)
    return { problem: { kind: 'newer', version: head.version } }
  const file = upgraded(head as Record<string, unknown>)
  const faults = gardenFileFaults(file)
  if (faults.length === 0) faults.push(...danglingReferences(file))
  return faults.length > 0
    ? { problem: { kind: 'invalid', faults } }
    : { file: file as unknown as GardenFile }
}

/** Where the text stops being JSON: the parser's own position, or the end of a text that was cut off. */
function faultPlace(text: string, error: SyntaxError): { line: number; column: number } {
  const position = /position (\d+)/.exec(error.message)
  const before = text.slice(0, position ? Number(position[1]) : text.length).split('\n')
  return { line: before.length, column: before.at(-1)!.length + 1 }
}

/** Pictures that came with the file and are not what it says of them. */
function pictureFaults(photos: readonly Photo[], pictures: ReadonlyMap<string, Uint8Array>): string[] {
  const faults: string[] = []
  for (let at = 0; at < photos.length && faults.length < MOST_FAULTS; at++) {
    const { id, type, bytes } = photos[at]!
    const picture = pictures.get(id)
    if (!picture) continue
    const read = readPhoto(picture)
    if ('problem' in read) faults.push(`photos[${at}] comes with a picture that is none, or too large`)
    else if (read.type !== type || read.bytes !== bytes)
      faults.push(`photos[${at}] comes with another picture than it tells of`)
  }
  return faults
}
