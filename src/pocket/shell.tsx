'use client'

import { useEffect, useState } from 'react'
import { noteConnection } from '../components/outbox/connection'
import { FrameAround } from '../features/frame/frame-around'
import { HereOrThere, PocketGate } from './gate'
import { viewOfFrame } from './pocket'
import type { ViewOf } from './views'

/** The application as it opens without the server: the garden that this device keeps. */
export function PocketShell() {
  const [frame, setFrame] = useState<ViewOf<'frame'> | 'none' | null>(null)
  useEffect(() => {
    // It opened because the server did not answer.
    noteConnection('not-reached')
    viewOfFrame().then(
      (shown) => setFrame(shown ?? 'none'),
      () => setFrame('none'),
    )
  }, [])
  if (frame === null) return <p className="px-6 py-10 text-quiet">Opening your garden …</p>
  if (frame === 'none') return <NothingHere />
  return (
    <PocketGate garden={frame.garden} changes={null}>
      <FrameAround ribbon={frame.ribbon} name={frame.name} now={frame.now}>
        <HereOrThere>{null}</HereOrThere>
      </FrameAround>
    </PocketGate>
  )
}

function NothingHere() {
  return (
    <main className="mx-auto max-w-xl px-6 py-16 max-sm:px-4">
      <h1 className="text-2xl font-semibold">The server does not answer</h1>
      <p className="mt-3 text-lg">
        This device keeps no garden yet. Open Prairie once while the server is there, and it opens here
        without it from then on.
      </p>
      <button className="btn btn-primary mt-6 min-h-11" onClick={() => window.location.reload()}>
        Try again
      </button>
    </main>
  )
}
