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
            <strong>The simulated station is on.</strong> It makes weather up under the usual months, the same
            every time, with a forecast that errs more the further it looks. It is for trying out: do not
            plant by it.
          </>
        ) : (
          <>
            <strong>No station.</strong> To try things out, the simulated station can make weather up under
            your usual months. It needs no set-up.
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
