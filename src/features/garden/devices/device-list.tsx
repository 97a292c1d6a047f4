'use client'

import { useChange } from '../../../components/act/use-change'
import { signOutDevice } from './actions'
import type { DeviceLine } from './queries'

/** The phones and computers that are signed in; each can be signed out. */
export function DeviceList({ devices }: { devices: readonly DeviceLine[] }) {
  const { busy, change } = useChange()
  return (
    <>
      <ul aria-label="Signed-in devices">
        {devices.map(({ id, name, used, isHere }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-base-300 py-2"
          >
            <p className="min-w-0">
              <span className="text-lg font-semibold break-words">{name}</span>
              {isHere && (
                <span className="ml-2 border border-leaf px-1.5 py-0.5 text-sm text-leaf">this device</span>
              )}
              <span className="block text-quiet">{used}</span>
            </p>
            {isHere ? (
              <form method="post" action="/sign-in/leave">
                <button className="btn min-h-11 bg-base-100">Sign out</button>
              </form>
            ) : (
              <button
                type="button"
                className="btn min-h-11 bg-base-100"
                aria-label={`Sign out ${name}`}
                disabled={busy}
                onClick={() => void change({ send: () => signOutDevice(id), said: `${name} is signed out.` })}
              >
                Sign out
              </button>
            )}
          </li>
        ))}
      </ul>
      {devices.length > 1 && (
        <button
          type="button"
          className="btn mt-2 min-h-11 bg-base-100"
          disabled={busy}
          onClick={() => void change({ send: () => signOutDevice('all') })}
        >
          Sign out all devices
        </button>
      )}
    </>
  )
}
