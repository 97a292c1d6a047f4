'use client'

import { useState, useSyncExternalStore } from 'react'
import { later } from '../components/later'
import { connection, onConnection } from '../components/outbox/connection'
import { sayKept } from '../wording/kept'
import { useKept } from './use-kept'

const KeptList = later(() => import('./kept-list').then((module) => module.KeptList))

/** Whether the server is there, and what waits to be sent to it. */
export function KeptStrip() {
  const { waiting, refused } = useKept()
  const is = useSyncExternalStore(onConnection, connection, () => 'reached' as const)
  const [isOpen, setIsOpen] = useState(false)
  const count = waiting.length + refused.length
  if (is === 'reached' && count === 0) return null
  const said =
    is === 'not-reached'
      ? sayKept.offline(waiting.length)
      : is === 'signed-out'
        ? sayKept.signedOut(waiting.length)
        : waiting.length > 0
          ? sayKept.sending(waiting.length)
          : ''
  return (
    <aside
      aria-label="What waits on this device"
      className={`flex items-center gap-x-2 px-6 max-sm:px-4 print:hidden ${refused.length > 0 ? 'bg-(--caution)' : 'bg-base-200'} border-b border-base-300`}
    >
      <p role="status" className="min-w-0 grow py-1.5 font-semibold">
        {[said, refused.length > 0 ? sayKept.refused(refused.length) : ''].filter(Boolean).join(' · ')}
      </p>
      {is === 'signed-out' && (
        <a className="btn min-h-11 btn-ghost px-2" href="/sign-in">
          Sign in
        </a>
      )}
      {count > 0 && (
        <button type="button" className="btn min-h-11 btn-ghost px-2" onClick={() => setIsOpen(true)}>
          Show
        </button>
      )}
      {isOpen && <KeptList onClose={() => setIsOpen(false)} />}
    </aside>
  )
}
