/** A file as text, and how it was written; or why it cannot be read. */
export type Decoded =
  | { text: string; encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252' }
  | { problem: 'empty' | 'not-text' }

const LOOKED_AT = 2000

/** Reads a file's bytes as text: UTF-8, UTF-16 with or without its mark, or the old western code page. */
export function decodeText(bytes: Uint8Array): Decoded {
  if (bytes.length === 0) return { problem: 'empty' }
  const encoding = utf16Of(bytes)
  if (encoding !== null) return { text: strip(new TextDecoder(encoding).decode(bytes)), encoding }
  if (bytes.subarray(0, LOOKED_AT).includes(0)) return { problem: 'not-text' }
  try {
    return { text: strip(new TextDecoder('utf-8', { fatal: true }).decode(bytes)), encoding: 'utf-8' }
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'windows-1252' }
  }
}

const strip = (text: string) => text.replace(/^\uFEFF/, '')

/** UTF-16 by its mark, or by every other byte of plain text being nought; null: it is something else. */
function utf16Of(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  const looked = Math.min(LOOKED_AT, bytes.length - (bytes.length % 2))
  let [even, odd] = [0, 0]
  for (let at = 0; at < looked; at++) {
    if (bytes[at] !== 0) continue
    if (at % 2 === 0) even++
    else odd++
  }
  if (looked < 20) return null
  if (odd > looked * 0.4 && even === 0) return 'utf-16le'
  return even > looked * 0.4 && odd === 0 ? 'utf-16be' : null
}
