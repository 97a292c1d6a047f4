'use client'

import { useSyncExternalStore } from 'react'
import { say, sayFault } from '../../../components/say'
import { useChange } from '../../../components/act/use-change'
import type { Result } from '../../../core/result'
import { dropFeed, makeFeed } from './actions'

const never = () => () => undefined

/** The calendar to download, and the secret address that another calendar reads it under. */
export function FeedPart({ token }: { token: string | null }) {
  const { busy, change } = useChange()
  const origin = useSyncExternalStore(
    never,
    () => window.location.origin,
    () => '',
  )
  const address = token === null ? null : `${origin}/feed/${token}/calendar.ics`
  const run = (send: () => Promise<Result>, said: string) => void change({ send, said })
  const copy = (text: string) =>
    void navigator.clipboard.writeText(text).then(
      () => say('Address copied.'),
      () => sayFault('The browser did not allow copying. Select the address and copy it yourself.'),
    )
  return (
    <div className="space-y-3">
      <p>
        See every sowing, potting up, planting out, first flower and first ripe fruit in your own calendar.
      </p>
      <p>
        <a className="btn min-h-11 bg-base-100" href="/calendar.ics" download>
          Download the calendar
        </a>
      </p>
      {address === null ? (
        <>
          <p className="text-quiet">
            Or let your calendar app follow every change. This creates a private link.
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
          <p className="text-quiet">Anyone with this link can read the calendar. It shows nothing else.</p>
          <p className="flex flex-wrap gap-2">
            <button className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => copy(address)}>
              Copy it
            </button>
            <button
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => run(makeFeed, 'You have a new link. The old one no longer works.')}
            >
              Make a new link
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
