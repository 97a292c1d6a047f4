'use client'

import { useChange } from '../../components/act/use-change'
import { PartHeading } from '../../components/advice/why'
import type { Result } from '../../core/result'
import { putAway, openAgain } from './actions'
import type { ReviewView } from './review-queries'

/** A season that is over is put away, so that nothing in its log is changed by mistake, and opened again. */
export function ArchivePart({ view: { season, archived, isOver } }: { view: ReviewView }) {
  const { busy, change } = useChange()
  const run = (send: () => Promise<Result>, said: string) => void change({ send, said })
  if (!isOver && archived === null) return null
  return (
    <section aria-label="Archive">
      <PartHeading>{archived === null ? 'Archive this season' : 'This season is archived'}</PartHeading>
      <p className="max-w-prose">
        {archived === null
          ? 'Plants that are left are recorded as removed, and the season’s log is closed so that nothing in it is changed by mistake. It still counts here and for crop rotation.'
          : `Its log is closed through ${archived}. Nothing was deleted.`}
      </p>
      <button
        type="button"
        className="btn mt-2 min-h-11 bg-base-100"
        disabled={busy}
        onClick={() =>
          archived === null
            ? run(() => putAway(season), `${season} is archived.`)
            : run(() => openAgain(season), `The log of ${season} is open again.`)
        }
      >
        {archived === null ? `Archive ${season}` : 'Open its log again'}
      </button>
    </section>
  )
}
