import { useEffect, useRef, useState } from 'react'

const NAME = 'stop'
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
 * @returns the stop's call, null for the list; and how to choose another
 */
export function useStopAddress(round: object): [string | null, (call: string | null) => void] {
  const [chosen, setChosen] = useState<string | null>(null)
  const shown = useRef<string | null>(null)
  /** Whether the list lies behind it in the history. */
  const isOverList = useRef(false)
  const show = (call: string | null) => {
    shown.current = call
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
  // With a fresh round the router puts its own address back.
  useEffect(() => {
    if (inAddress() !== shown.current) write(shown.current, 'replaceState')
  }, [round])
  const choose = (call: string | null) => {
    const before = inAddress()
    if (call === null && before !== null && isOverList.current) {
      window.history.back()
      return
    }
    if (call !== null && before === null) {
      isOverList.current = true
      write(call, 'pushState')
    } else if (call !== before) write(call, 'replaceState')
    show(call)
  }
  return [chosen, choose]
}
