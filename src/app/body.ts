/** A body that was read whole; or why it was not. */
export type Body = { bytes: Uint8Array<ArrayBuffer> } | { problem: 'too-large' | 'cut-off' }

/** Reads the body of a request up to so many bytes; one that is shorter than it said is not taken. */
export async function readBody(request: Request, most: number): Promise<Body> {
  const told = request.headers.get('content-length')
  if (told !== null && Number(told) > most) return { problem: 'too-large' }
  const parts: Uint8Array[] = []
  let size = 0
  try {
    for (const reader = request.body?.getReader(); reader;) {
      const { done, value } = await reader.read()
      if (done) break
      size += value.byteLength
      if (size > most) {
        await reader.cancel()
        return { problem: 'too-large' }
      }
      parts.push(value)
    }
  } catch {
    return { problem: 'cut-off' }
  }
  if (told !== null && Number(told) !== size) return { problem: 'cut-off' }
  const bytes = new Uint8Array(size)
  let at = 0
  for (const part of parts) {
    bytes.set(part, at)
    at += part.byteLength
  }
  return { bytes }
}
