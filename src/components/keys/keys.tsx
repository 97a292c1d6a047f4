'use client'

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react'

/** An act that a key runs on this screen. */
export interface KeyAct {
  key: string
  label: string
  run: () => void
}

/** The keys of every part that is on the screen; the frame's give way to the screen's own. */
class KeyRegistry {
  private readonly groups = new Map<readonly KeyAct[], 'frame' | 'screen'>()

  add(acts: readonly KeyAct[], of: 'frame' | 'screen'): () => void {
    this.groups.set(acts, of)
    return () => this.groups.delete(acts)
  }

  list(): KeyAct[] {
    const acts = (['frame', 'screen'] as const).flatMap((of) =>
      [...this.groups].flatMap(([group, whose]) => (whose === of ? group : [])),
    )
    return [...new Map(acts.map((act) => [act.key, act])).values()]
  }
}

const Context = createContext(new KeyRegistry())

export function KeysProvider({ children }: { children: ReactNode }) {
  const [registry] = useState(() => new KeyRegistry())
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target))
        return
      const act = registry.list().find(({ key }) => key === event.key)
      if (!act || (event.key === 'Enter' && isControl(event.target))) return
      event.preventDefault()
      act.run()
    }
    window.addEventListener('keydown', onKey)
    // What drives the page by keys waits for this mark.
    document.documentElement.dataset.keys = 'ready'
    return () => window.removeEventListener('keydown', onKey)
  }, [registry])
  return <Context value={registry}>{children}</Context>
}

/** The acts of this part, while it is on the screen; `of`: the frame's, which every screen has, give way to its own. */
export function useKeys(acts: readonly KeyAct[], of: 'frame' | 'screen' = 'screen'): void {
  const registry = useContext(Context)
  useEffect(() => registry.add(acts, of))
}

/** Every key of the screen as it is now, for the help. */
export function useKeyList(): () => readonly KeyAct[] {
  const registry = useContext(Context)
  return () => registry.list()
}

/** Controls that take no letters. */
const UNTYPED = ['radio', 'checkbox', 'button', 'submit', 'file']

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (document.querySelector('dialog[open]')) return true
  if (target instanceof HTMLInputElement && UNTYPED.includes(target.type)) return false
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
}

/** Enter is the control's own, unless that control is the row that is chosen already. */
const isControl = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  ['BUTTON', 'A', 'SUMMARY'].includes(target.tagName) &&
  target.getAttribute('aria-current') !== 'true'
