'use client'

import { useChange } from '../../../components/act/use-change'
import { ChoiceField } from '../../../components/forms/fields'
import type { Person } from '../../../data/access/people'
import { signOutDevice, takeDevice } from './actions'
import type { DeviceLine } from './queries'

/** The phones and computers that are signed in; each can be signed out. */
export function DeviceList({
  devices,
  people,
}: {
  devices: readonly DeviceLine[]
  people: readonly Person[]
}) {
  const { busy, change } = useChange()
  const keepers = people.filter(({ role }) => role === 'keeper')
  return (
    <>
      <ul aria-label="Signed-in devices">
        {devices.map(({ id, name, used, isHere, person }) => (
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
              {!isHere && person && <span className="block text-quiet">Used by {person}</span>}
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
            {isHere && keepers.length > 0 && (
              <div className="w-full max-w-xs">
                <ChoiceField
                  label="Entries from this device bear the name"
                  value={keepers.find((one) => one.name === person)?.id ?? ''}
                  disabled={busy}
                  onChange={({ target }) =>
                    void change({ send: () => takeDevice(target.value), said: 'The name is saved.' })
                  }
                >
                  <option value="">no name</option>
                  {keepers.map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))}
                </ChoiceField>
              </div>
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
