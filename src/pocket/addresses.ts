const ID = '([^/]+)'

/** The screens that are worked out on the device itself, by their addresses. */
const ADDRESSES = {
  walk: '/walk',
  plant: `/plants/${ID}`,
  planting: `/plantings/${ID}`,
  'set-out': `/plantings/${ID}/set-out`,
  'planting-day': '/planting-day',
  water: '/bench/water',
  basket: '/basket',
  clinic: '/clinic',
  watch: '/clinic/watch',
  cases: '/clinic/cases',
  causes: '/clinic/causes',
  logbook: '/logbook',
  'quick-entry': '/quick-entry',
  frame: '/frame',
} as const
export type ScreenHere = keyof typeof ADDRESSES

const PATTERNS = Object.entries(ADDRESSES).map(
  ([screen, path]) => [screen as ScreenHere, new RegExp(`^${path}/?$`)] as const,
)
/** Under this address a planting is made, which wants the server. */
const MAKING = /^\/plantings\/(new|table)\/?$/

/** The screen at an address, and what it asks for; null: it needs the server. */
export function screenAt(address: string): { screen: ScreenHere; asked: Record<string, string> } | null {
  const { pathname, searchParams } = new URL(address, 'http://here')
  if (MAKING.test(pathname)) return null
  for (const [screen, pattern] of PATTERNS) {
    const found = pattern.exec(pathname)
    if (found)
      return {
        screen,
        asked: {
          ...Object.fromEntries(searchParams),
          ...(found[1] ? { id: decodeURIComponent(found[1]) } : {}),
        },
      }
  }
  return null
}

/** Where one stands in a screen is no other screen. */
const WITHIN = ['stop']

/** An address as screens are known by: without where one stands in them. */
export function screenAddress(pathname: string, search: URLSearchParams): string {
  const asked = new URLSearchParams(search)
  for (const name of WITHIN) asked.delete(name)
  return asked.size > 0 ? `${pathname}?${asked}` : pathname
}
