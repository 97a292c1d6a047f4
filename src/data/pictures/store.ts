import { databaseFile } from '../locate'
import { folderStore } from './folder'

/** Where the bytes of photos lie, each under its name. A name that begins with {@link ASIDE} is laid aside. */
export interface PictureStore {
  /** Keeps a picture in place of what had its name; it is durable when this answers. */
  put: (name: string, content: Uint8Array) => Promise<void>
  /** A picture's bytes; null: it is not there. */
  read: (name: string) => Promise<Uint8Array<ArrayBuffer> | null>
  /** How long a picture is, bytes; null: it is not there. */
  size: (name: string) => Promise<number | null>
  /** Takes a picture away, if it is there. */
  remove: (name: string) => Promise<void>
  /** Gives a picture, if it is there, another name, unless one has it already: that one stays. */
  move: (from: string, to: string) => Promise<void>
  /** What lies in its place, with when it came, ms since 1970. */
  list: () => Promise<{ name: string; at: number }[]>
  /** What lies aside, likewise. */
  listAside: () => Promise<{ name: string; at: number }[]>
}

/** Before the name of what is laid aside, and `/` after whose it is. */
export const ASIDE = '.aside-'

/**
 * Where the photos are: `PHOTOS_URL`, an S3-compatible store or a folder; else a folder beside the database file; with
 * the data on a server, `data/photos`.
 */
export async function pictureStore(): Promise<PictureStore> {
  const url = process.env.PHOTOS_URL
  if (url === undefined) {
    const file = databaseFile()
    return folderStore(file === null ? 'data/photos' : `${file.replace(/\.db$/, '')}.photos`)
  }
  if (url.startsWith('file:')) return folderStore(url.slice('file:'.length))
  const { objectStore } = await import('./object-store')
  return objectStore(url)
}
