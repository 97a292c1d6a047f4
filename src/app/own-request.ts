/** Whether a request that writes was sent by a page of this application: other sites' pages are refused. */
export function isOwnRequest({ headers }: Request): boolean {
  const site = headers.get('sec-fetch-site')
  if (site !== null) return site === 'same-origin'
  const origin = headers.get('origin')
  return origin !== null && new URL(origin).host === headers.get('host')
}

/** The body of a request, read only up to so many bytes; null: it is larger. */
export async function readBody(request: Request, most: number): Promise<Uint8Array<ArrayBuffer> | null> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return null
  const parts: Uint8Array[] = []
  let size = 0
  for (const reader = request.body?.getReader(); reader;) {
    const { done, value } = await reader.read()
    if (done) break
    size += value.byteLength
    if (size > most) {
      await reader.cancel()
      return null
    }
    parts.push(value)
  }
  const body = new Uint8Array(size)
  let at = 0
  for (const part of parts) {
    body.set(part, at)
    at += part.byteLength
  }
  return body
}
