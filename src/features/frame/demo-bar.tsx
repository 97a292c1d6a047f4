'use client'

import { useTransition } from 'react'
import { leaveDemo } from './demo-actions'

/** Says that the garden is made up, and leads out of it. */
export function DemoBar() {
  const [busy, start] = useTransition()
  const leave = (remove: boolean) => start(() => leaveDemo(remove))
  return (
    <aside
      aria-label="Demo garden"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-(--caution) px-4 py-1.5 print:hidden"
    >
      <p className="grow">
        <strong>This garden is made up</strong>, for looking around. Try anything: it cannot change your own
        garden.
      </p>
      <button type="button" className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => leave(false)}>
        To my own garden
      </button>
      <button type="button" className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => leave(true)}>
        Remove the demo garden
      </button>
    </aside>
  )
}
