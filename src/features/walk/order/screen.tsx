'use client'

import { useRouter } from '../../../components/offline'
import { useOptimistic, useTransition } from 'react'
import { noAnswer, undoing } from '../../../components/act/undoing'
import { Link } from '../../../components/link'
import { OrderedList } from '../../../components/ordered-list'
import { say, sayFault } from '../../../components/say'
import { orderRound } from './actions'
import type { OrderView } from './queries'

/** The order in which one walks: the grower's own, or by where the places lie. */
export function OrderScreen({ view }: { view: OrderView }) {
  const router = useRouter()
  const [places, show] = useOptimistic(view.places)
  const [isKeeping, start] = useTransition()
  const idsOf = (of: OrderView['places']) => of.map(({ id }) => id)

  const keep = (ids: string[] | null, said: string, shown = view.places) =>
    start(async () => {
      show(shown)
      const answer = await orderRound(ids).catch(noAnswer)
      if (!answer.ok) return sayFault(answer.message)
      const before = view.isOwn ? idsOf(view.places) : null
      say(said, {
        label: 'Undo',
        onClick: () =>
          void undoing('the order of the places', () => orderRound(before)).then(
            (isUndone) => isUndone && router.refresh(),
          ),
      })
      router.refresh()
    })

  return (
    <section aria-label="Order of the places" className="max-w-2xl px-6 py-4 max-sm:px-4">
      <Link href={`/walk${view.query}`} className="link">
        Walk
      </Link>
      <h1 className="mt-1 text-3xl font-semibold">Walk your places in your own order</h1>
      <p className="mt-1 text-lg text-quiet">
        {view.isOwn
          ? 'The round follows this order, after what cannot wait.'
          : 'For now the round starts in the southwest corner and always goes on to the nearest place.'}
      </p>
      {places.length < 2 ? (
        <p className="mt-4">You need at least two places before you can order them.</p>
      ) : (
        <div className="mt-4" aria-busy={isKeeping}>
          <OrderedList
            label="Places"
            rows={places}
            onOrder={(rows) => keep(idsOf(rows), 'The round follows this order.', rows)}
          >
            {({ name, holds }, index) => (
              <p className="flex items-baseline gap-3 py-1">
                <span className="w-6 text-right text-quiet">{index + 1}</span>
                <span className="font-semibold">{name}</span>
                <span className="truncate text-quiet">{holds}</span>
              </p>
            )}
          </OrderedList>
          {view.isOwn && (
            <button
              type="button"
              className="btn mt-4 min-h-11"
              onClick={() => keep(null, 'The round follows the plan again.')}
            >
              Follow the plan again
            </button>
          )}
        </div>
      )}
    </section>
  )
}
