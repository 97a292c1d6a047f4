'use client'

import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react'

/** An act that a key runs on this screen. */
export interface KeyAct {
  key: string
  label: string
  run: () => void
  /** Out of the help list, such as a second key for the same act. */
  hidden?: boolean
}

interface Keys {
  add: (acts: readonly KeyAct[]) => () => void
  list: readonly KeyAct[]
}

const Context = createContext<Keys>({ add: () => () => undefined, list: [] })

/** Listens for the keys of every part that is on the screen; the part added last wins. */
export function KeysProvider({ children }: { children: ReactNode }) {
  const [groups, setGroups] = useState<readonly (readonly KeyAct[])[]>([])
  const current = useRef(groups)
  useEffect(() => {
    current.current = groups
  }, [groups])

  const add = useCallback((acts: readonly KeyAct[]) => {
    setGroups((before) => [...before, acts])
    return () => setGroups((before) => before.filter((group) => group !== acts))
  }, [])

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
      const act = current.current.flat().findLast(({ key }) => key === event.key)
      if (!act || (event.key === 'Enter' && isControl(event.target))) return
      event.preventDefault()
      act.run()
    }
    window.addEventListener('keydown', onKey)
    // What drives the page by keys waits for this mark.
    document.documentElement.dataset.keys = 'ready'
    return () => window.removeEventListener('keydown', onKey)
  }, [])

  const list = useMemo(() => groups.flat(), [groups])
  return <Context.Provider value={useMemo(() => ({ add, list }), [add, list])}>{children}</Context.Provider>
}

/** The acts of this part, while it is on the screen; pass a memoised list. */
export function useKeys(acts: readonly KeyAct[]): void {
  const { add } = useContext(Context)
  useEffect(() => add(acts), [add, acts])
}

/** Every key of the screen, for the help. */
export function useKeyList(): readonly KeyAct[] {
  return useContext(Context).list.filter(({ hidden }) => !hidden)
}

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (document.querySelector('dialog[open]')) return true
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
}

const isControl = (target: EventTarget | null) => target instanceof HTMLElement && ['BUTTON', 'A', 'SUMMARY'].includes(target.tagName)
