'use client'

import { useState } from 'react'
import { say, sayFault } from '../../../components/say'
import { useChange } from '../../../components/act/use-change'
import type { Manner, Reminders } from '../../../core/facts'
import { dropFeed, makeFeed } from './actions'
import { RemindersForm } from './reminders-form'

/** The calendar to download, and the secret address that another calendar reads it under. */
/** @param reminders of what the feed reminds; null: there is none */
export function FeedPart({ reminders, manner }: { reminders: Reminders | null; manner: Manner }) {
  const { busy, change } = useChange()
  // Only a hash of it is kept: it is shown once, when it is made.
  const [address, setAddress] = useState<string | null>(null)
  const make = async (said: string) => {
    const answer = await change({ send: makeFeed, said })
    if (answer.ok) setAddress(`${window.location.origin}/feed/${answer.token}/calendar.ics`)
  }
  const close = async () => {
    const answer = await change({ send: dropFeed, said: 'The feed is closed.' })
    if (answer.ok) setAddress(null)
  }
  const copy = (text: string) =>
    void (navigator.clipboard?.writeText(text) ?? Promise.reject(new Error('no clipboard'))).then(
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
      {reminders === null ? (
        <>
          <p className="text-quiet">
            Or let your calendar app follow every change. This creates a private link.
          </p>
          <button
            className="btn min-h-11 bg-base-100"
            disabled={busy}
            onClick={() => void make('The feed is open.')}
          >
            Open a feed
          </button>
        </>
      ) : (
        <>
          {address === null ? (
            <p className="text-quiet">
              The feed is open. Prairie showed its private link once. If you lost it, make a new one.
            </p>
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
                Copy it now: Prairie shows it only once. Anyone with this link can read the calendar, and
                nothing else.
              </p>
            </>
          )}
          <p className="flex flex-wrap gap-2">
            {address !== null && (
              <button className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => copy(address)}>
                Copy it
              </button>
            )}
            <button
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() => void make('You have a new link. The old one no longer works.')}
            >
              Make a new link
            </button>
            <button className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => void close()}>
              Close the feed
            </button>
          </p>
          <RemindersForm reminders={reminders} manner={manner} />
        </>
      )}
    </div>
  )
}
