import { imageSize } from 'image-size'
import { LARGEST, MOST_PIXELS, type PhotoType } from '../core/facts'

/** A photo of a log entry; px, bytes. */
export interface Photo {
  id: string
  entryId: string
  type: PhotoType
  bytes: number
  width: number
  height: number
}

const FORMATS: Partial<Record<string, PhotoType>> = {
  jpg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
}
const ENDINGS: Record<PhotoType, string> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' }

/** The file name of a photo, made of its own id alone. */
export const photoName = ({ id, type }: Pick<Photo, 'id' | 'type'>) => `${id}.${ENDINGS[type]}`

/** What a picture is, by its own bytes; or why it is not kept. */
export function readPhoto(
  content: Uint8Array,
):
  | Pick<Photo, 'type' | 'bytes' | 'width' | 'height'>
  | { problem: 'too-large' | 'too-many-pixels' | 'not-a-photo' } {
  if (content.byteLength > LARGEST.photo) return { problem: 'too-large' }
  try {
    const { type, width, height } = imageSize(content)
    const known = FORMATS[type ?? '']
    if (!known || width < 1 || height < 1) return { problem: 'not-a-photo' }
    if (width * height > MOST_PIXELS) return { problem: 'too-many-pixels' }
    return { type: known, bytes: content.byteLength, width, height }
  } catch {
    return { problem: 'not-a-photo' }
  }
}
