'use client'

import { useRouter } from '../../../components/offline'
import { useOptimistic, useTransition } from 'react'
import { noAnswer, undoing } from '../../../components/act/undoing'
import { Link } from '../../../components/link'
import { OrderedList } from '../../../components/ordered-list'
import { say, sayFault } from '../../../components/say'
import { SHARING } from '../../../wording/round'
import { orderRound, shareRound } from './actions'
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

  const give = ({ id, name, whose }: OrderView['places'][number], to: string | null) =>
    start(async () => {
      show(places.map((place) => (place.id === id ? { ...place, whose: to } : place)))
      const answer = await shareRound(id, to).catch(noAnswer)
      if (!answer.ok) return sayFault(answer.message)
      say(SHARING.given(name, to), {
        label: 'Undo',
        onClick: () =>
          void undoing(SHARING.taken(name), () => shareRound(id, whose)).then(
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
      {view.people.length > 0 && <p className="mt-1 text-lg text-quiet">{SHARING.explained}</p>}
      {places.length < 2 ? (
        <p className="mt-4">You need at least two places before you can order them.</p>
      ) : (
        <div className="mt-4" aria-busy={isKeeping}>
          <OrderedList
            label="Places"
            rows={places}
            onOrder={(rows) => keep(idsOf(rows), 'The round follows this order.', rows)}
          >
            {(place, index) => (
              <div className="flex flex-wrap items-center justify-between gap-x-3">
                <p className="flex min-w-0 items-baseline gap-3 py-1">
                  <span className="w-6 text-right text-quiet">{index + 1}</span>
                  <span className="font-semibold">{place.name}</span>
                  <span className="truncate text-quiet">{place.holds}</span>
                </p>
                {view.people.length > 0 && (
                  <select
                    aria-label={SHARING.whose(place.name)}
                    value={place.whose ?? ''}
                    onChange={(event) => give(place, event.target.value || null)}
                    className="select min-h-11 w-44 text-base"
                  >
                    <option value="">{SHARING.anyone}</option>
                    {view.people.map((name) => (
                      <option key={name}>{name}</option>
                    ))}
                  </select>
                )}
              </div>
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
