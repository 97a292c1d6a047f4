import { useEffect, useRef, useState } from 'react'

const NAME = 'stop'
/** The place in the history, the same whatever is written there; a browser may not tell. */
const placeInHistory = () => window.navigation?.currentEntry?.key
const inAddress = () => new URLSearchParams(window.location.search).get(NAME)

/** Writes past the router: it would ask the server for a screen that is the same, and drop what is on its way. */
function write(call: string | null, how: 'pushState' | 'replaceState'): void {
  const address = new URL(window.location.href)
  if (call === null) address.searchParams.delete(NAME)
  else address.searchParams.set(NAME, call)
  History.prototype[how].call(window.history, window.history.state, '', address)
}

/**
 * The stop that is looked at, kept in the address: a link leads to it, and Back leads from it to the list. What is
 * chosen shows at once; the address follows.
 *
 * @param round the round as it was fetched
 * @returns the stop's call, null for the list; how to choose another; how to go on from one to the next, unless
 *   something else was chosen since; and how to leave for the list
 */
export function useStopAddress(round: object): {
  chosen: string | null
  choose: (call: string | null) => void
  goOn: (from: string | null, to: string | null) => void
  leave: () => void
} {
  const [chosen, setChosen] = useState<string | null>(null)
  const shown = useRef<string | null>(null)
  const at = useRef<string | undefined>(undefined)
  /** Whether the list lies behind it in the history. */
  const isOverList = useRef(false)
  const show = (call: string | null) => {
    shown.current = call
    at.current = placeInHistory()
    setChosen(call)
  }
  useEffect(() => {
    const follow = () => {
      isOverList.current = false
      show(inAddress())
    }
    follow()
    window.addEventListener('popstate', follow)
    return () => window.removeEventListener('popstate', follow)
  }, [])
  // With a fresh round the router puts its own address back; after Back there is nothing to put right.
  useEffect(() => {
    if (at.current === placeInHistory() && inAddress() !== shown.current) write(shown.current, 'replaceState')
  }, [round])
  const choose = (call: string | null) => {
    const before = inAddress()
    if (call !== null && before === null) {
      isOverList.current = true
      write(call, 'pushState')
    } else if (call !== before) write(call, 'replaceState')
    show(call)
  }
  const goOn = (from: string | null, to: string | null) => {
    if (shown.current === from) choose(to)
  }
  /** To the list, which may lie behind the stop: the same as Back. */
  const leave = () => {
    if (inAddress() === null || !isOverList.current) return choose(null)
    show(null)
    window.history.back()
  }
  return { chosen, choose, goOn, leave }
}
