'use client'

import { useTransition } from 'react'
import { switchStation } from './actions'

/** The simulated station, on or off: it needs no set-up, and says what it is. */
export function StationSwitch({ station }: { station: 'simulated' | 'normals' }) {
  const [busy, start] = useTransition()
  const on = station === 'simulated'
  return (
    <div className={`border-l-4 px-3 py-2 ${on ? 'border-feed bg-(--caution)' : 'border-base-300'}`}>
      <p className="leading-snug">
        {on ? (
          <>
            <strong>The simulated station is on.</strong> It makes up weather from your average months, with a
            forecast that gets less certain further ahead. Use it only to try things out. Do not plant by it.
          </>
        ) : (
          <>
            <strong>No station.</strong> To try things out, the simulated station can make up weather from
            your average months. It needs no setup.
          </>
        )}
      </p>
      <button
        type="button"
        className="btn mt-2 min-h-11 bg-base-100"
        disabled={busy}
        onClick={() => start(() => switchStation(on ? 'normals' : 'simulated'))}
      >
        {on ? 'Switch it off' : 'Switch the simulated station on'}
      </button>
    </div>
  )
}
