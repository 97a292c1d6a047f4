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
    <section aria-label="Put away">
      <PartHeading>{archived === null ? 'Put this season away' : 'This season is put away'}</PartHeading>
      <p className="max-w-prose">
        {archived === null
          ? 'What still stands of it is entered as cleared, and its log is closed: nothing in it is entered, corrected or taken back by mistake. It still counts here and for the rotation.'
          : `Its log is closed through ${archived}. Nothing of it was removed.`}
      </p>
      <button
        type="button"
        className="btn mt-2 min-h-11 bg-base-100"
        disabled={busy}
        onClick={() =>
          archived === null
            ? run(() => putAway(season), `${season} is put away.`)
            : run(() => openAgain(season), `The log of ${season} is open again.`)
        }
      >
        {archived === null ? `Put ${season} away` : 'Open its log again'}
      </button>
    </section>
  )
}
