'use client'

import { useSyncExternalStore, useTransition } from 'react'
import { toast } from 'sonner'
import { dropFeed, makeFeed } from './actions'

const never = () => () => undefined

/** The calendar to download, and the secret address that another calendar reads it under. */
export function FeedPart({ token }: { token: string | null }) {
  const [busy, start] = useTransition()
  const origin = useSyncExternalStore(
    never,
    () => window.location.origin,
    () => '',
  )
  const address = token === null ? null : `${origin}/feed/${token}/calendar.ics`
  const run = (act: () => Promise<void>, said: string) =>
    start(async () => {
      await act().then(
        () => toast(said),
        () => toast.error('The server did not answer. Nothing was changed: try again.'),
      )
    })
  return (
    <div className="space-y-3">
      <p>
        Every sowing, potting up, setting out, first flower and first ripe fruit as a day in your own
        calendar.
      </p>
      <p>
        <a className="btn min-h-11 bg-base-100" href="/calendar.ics" download>
          Download the calendar
        </a>
      </p>
      {address === null ? (
        <>
          <p className="text-quiet">
            Or let another calendar read it, and follow every change: it needs an address that nobody can
            guess.
          </p>
          <button
            className="btn min-h-11 bg-base-100"
            disabled={busy}
            onClick={() => run(makeFeed, 'The feed is open.')}
          >
            Open a feed
          </button>
        </>
      ) : (
        <>
          <label className="block">
            <span className="text-sm text-quiet">Address for another calendar</span>
            <input
              readOnly
              value={address}
              className="input mt-1 min-h-11 w-full"
              onFocus={(event) => event.target.select()}
            />
          </label>
          <p className="text-quiet">
            Whoever has this address reads the calendar without a login. Nothing else is in it.
          </p>
          <p className="flex flex-wrap gap-2">
            <button
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => run(() => navigator.clipboard.writeText(address), 'The address is copied.')}
            >
              Copy it
            </button>
            <button
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => run(makeFeed, 'A new address: the one before is dead.')}
            >
              Give it a new address
            </button>
            <button
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => run(dropFeed, 'The feed is closed.')}
            >
              Close the feed
            </button>
          </p>
        </>
      )}
    </div>
  )
}
