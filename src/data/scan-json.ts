/** Brackets within brackets of a garden file, at the most. */
const MOST_DEPTH = 24
/** Values of a garden file, at the most: more would not fit into memory. */
const MOST_VALUES = 8_000_000

/**
 * Looks over a JSON text before it is parsed: brackets that nest too deep, or more values than any garden has, would
 * end the parser or the memory.
 */
export function scanJson(bytes: Uint8Array): 'sound' | 'too-deep' | 'too-many' {
  let depth = 0
  let values = 1
  let inString = false
  for (let at = 0; at < bytes.length; at++) {
    const byte = bytes[at]
    if (inString) {
      if (byte === 0x5c) at++
      else if (byte === 0x22) inString = false
    } else if (byte === 0x22) inString = true
    else if (byte === 0x2c) values++
    else if (byte === 0x7b || byte === 0x5b) {
      values++
      if (++depth > MOST_DEPTH) return 'too-deep'
    } else if (byte === 0x7d || byte === 0x5d) depth--
    if (values > MOST_VALUES) return 'too-many'
  }
  return 'sound'
}
