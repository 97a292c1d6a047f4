const NAME = 'way back'

/** Remembers where a stop of the round that has a screen of its own comes back to; null: nowhere. */
export function setWayBack(address: string | null): void {
  try {
    if (address === null) sessionStorage.removeItem(NAME)
    else sessionStorage.setItem(NAME, address)
  } catch {
    // A browser that keeps nothing: the act ends on its own screen.
  }
}

/** Where the round goes on after this act, once; null: it did not begin there. */
export function takeWayBack(): string | null {
  try {
    const address = sessionStorage.getItem(NAME)
    sessionStorage.removeItem(NAME)
    return address
  } catch {
    return null
  }
}
