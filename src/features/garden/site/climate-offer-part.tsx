'use client'

import { useChange } from '../../../components/act/use-change'
import { takeClimate } from './climate-actions'
import type { ClimateOffer } from './climate-offer'

/** Offers the climate of the places nearby; taken, it can be undone. */
export function ClimateOfferPart({ offer }: { offer: ClimateOffer }) {
  const { busy, change } = useChange()
  return (
    <div className="mb-4 border-l-4 border-feed bg-base-200 px-4 py-3">
      <p className="max-w-prose">{offer.text} Months that you entered yourself stay.</p>
      <button
        type="button"
        className="btn mt-2 min-h-11 bg-base-100"
        disabled={busy}
        onClick={() =>
          change({
            send: () => takeClimate({ source: 'stations', cold: 0, hot: 0 }),
            said: 'The climate now comes from places nearby, and dates use it.',
            undo: { name: 'the climate', send: () => takeClimate(offer.now) },
          })
        }
      >
        Use the climate of the places nearby
      </button>
    </div>
  )
}
