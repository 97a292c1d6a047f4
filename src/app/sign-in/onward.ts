/** Where someone goes on to who signed in: a place of this application that was asked for, else the garden. */
export function wayOnward(next: unknown): string {
  if (typeof next !== 'string' || !next.startsWith('/')) return '/'
  const here = 'http://here.invalid'
  try {
    const { origin, pathname, search } = new URL(next, here)
    return origin === here && !pathname.startsWith('/sign-in') ? pathname + search : '/'
  } catch {
    return '/'
  }
}
