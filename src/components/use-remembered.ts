import { useSyncExternalStore } from 'react'

const listeners = new Set<() => void>()

function listen(listener: () => void) {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** What was remembered in this visit too, for a browser that keeps nothing. */
const here = new Map<string, string>()

/** What this browser remembers under a key; empty: nothing. */
export function recall(key: string): string {
  try {
    return localStorage.getItem(key) ?? here.get(key) ?? ''
  } catch {
    return here.get(key) ?? ''
  }
}

/** Remembers a text on this browser; where it keeps nothing, for as long as the page is open. */
export function remember(key: string, text: string): void {
  here.set(key, text)
  try {
    localStorage.setItem(key, text)
  } catch {
    // It is gone with the page.
  }
  listeners.forEach((listener) => listener())
}

/** What is remembered under a key. @param onServer what stands for it until the page is alive */
export const useRemembered = (key: string, onServer: string): string =>
  useSyncExternalStore(
    listen,
    () => recall(key),
    () => onServer,
  )
