'use client'

import { useEffect, useState } from 'react'
import { noticesHere, wantNotices, type Notices } from '../../../components/notices/notices'
import { NOTICES } from '../../../wording/round'

/** Whether this very device tells what cannot wait past tonight. */
export function NoticesPart() {
  const [is, setIs] = useState<Notices | null>(null)
  useEffect(() => {
    const look = () => void noticesHere().then(setIs, () => setIs('impossible'))
    look()
    // At the first visit the service worker, which tells it, comes a little after the screen.
    navigator.serviceWorker?.addEventListener('controllerchange', look)
    return () => navigator.serviceWorker?.removeEventListener('controllerchange', look)
  }, [])
  const want = (isWanted: boolean) => void wantNotices(isWanted).then(setIs)
  return (
    <div className="space-y-3">
      <p>{NOTICES.what}</p>
      {is === 'impossible' && <p className="text-quiet">{NOTICES.impossible}</p>}
      {is === 'blocked' && <p className="text-quiet">{NOTICES.blocked}</p>}
      {is === 'off' && (
        <button className="btn min-h-11 bg-base-100" onClick={() => want(true)}>
          Notify me here
        </button>
      )}
      {is === 'on' && (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-2" role="status">
          {NOTICES.on}
          <button className="btn min-h-11 bg-base-100" onClick={() => want(false)}>
            Stop
          </button>
        </p>
      )}
    </div>
  )
}
