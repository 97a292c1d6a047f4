import { LARGEST } from '../../core/facts'

const MB = 1024 * 1024
/** px of the longer side of what is sent; a phone's full picture shows nothing more on a screen. */
const LONGEST_SIDE = 2048
const QUALITY = 0.85

/** A photo as it is sent, or why it is not taken. */
export type Prepared = { picture: Blob } | { problem: string }

/** Looks at a chosen file before anything is entered, and makes large pictures smaller. */
export async function preparePhoto(file: File): Promise<Prepared> {
  if (file.size > LARGEST.photo)
    return {
      problem: `${file.name} has ${Math.round(file.size / MB)} MB, and 15 MB is the most. Make it smaller first. Nothing was saved.`,
    }
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null)
  if (!bitmap)
    return {
      problem: `${file.name} is not a photo that Prairie can show. Choose a JPEG, PNG or WebP file. Nothing was saved.`,
    }
  const scale = LONGEST_SIDE / Math.max(bitmap.width, bitmap.height)
  if (scale >= 1) return { picture: file }
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  return { picture: picture ?? file }
}
