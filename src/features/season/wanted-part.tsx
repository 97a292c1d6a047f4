'use client'

import { useState } from 'react'
import { useChange } from '../../components/act/use-change'
import { later } from '../../components/later'
import { Link } from '../../components/link'
import { sayCount } from '../../wording/say'
import type { SeasonView } from './queries'
import { want } from '../../actions/want'

/** Fetched when something is to be added. */
const WantedForm = later(() => import('./wanted-form').then(({ WantedForm }) => WantedForm))

/** What is wanted in a season, how many of it have a place, and how many still want one. */
export function WantedPart({ view, live }: { view: SeasonView; live: boolean }) {
  const { season, wanted } = view
  const { busy, change } = useChange()
  const [isAdding, setIsAdding] = useState(false)
  const set = (cultivar: string, count: number, said: string) =>
    change({
      send: () => want(season, [{ cultivar, count }]),
      said,
      undo: { name: 'the list of what you want', send: ({ before }) => want(season, before) },
    })
  const { lines, like } = wanted
  const left = lines.reduce((sum, line) => sum + line.left, 0)
  return (
    <section aria-label="Wanted" className="mt-6 max-w-3xl">
      <h2 className="text-lg font-semibold">
        Wanted in {season}
        {lines.length > 0 && (
          <span className="font-normal text-quiet">
            : {left === 0 ? 'all have a place' : `${sayCount(left, 'plant')} without a place yet`}
          </span>
        )}
      </h2>
      {lines.length > 0 && (
        <table className="mt-1 w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {['cultivar', 'wanted', 'placed', 'left', ''].map((heading) => (
                <th key={heading} scope="col" className="py-1 pr-3 font-normal">
                  {heading}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map(({ cultivarId, name, count, placed, left: without }) => (
              <tr key={cultivarId} className="border-t border-base-300">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {name}
                </th>
                <td className="pr-3">{count}</td>
                <td className="pr-3">{placed}</td>
                <td className={`pr-3 ${without > 0 ? 'font-semibold' : 'text-quiet'}`}>{without}</td>
                <td className="text-right whitespace-nowrap">
                  {without > 0 && (
                    <Link
                      href={`/plantings/new?season=${season}&cultivar=${cultivarId}&count=${without}`}
                      className="btn min-h-11 bg-base-100"
                    >
                      Place {without}
                      <span className="sr-only"> {name}</span>
                    </Link>
                  )}{' '}
                  {live && (
                    <button
                      type="button"
                      className="btn min-h-11 bg-base-100"
                      disabled={busy}
                      onClick={() => void set(cultivarId, 0, `${name} is off your list.`)}
                    >
                      Remove<span className="sr-only"> {name}</span>
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {live && (
        <p className="mt-2 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn min-h-11 bg-base-100"
            aria-expanded={isAdding}
            onClick={() => setIsAdding(!isAdding)}
          >
            Add to what you want
          </button>
          {like.length > 0 && (
            <button
              type="button"
              className="btn min-h-11 bg-base-100"
              disabled={busy}
              onClick={() =>
                void change({
                  send: () => want(season, like),
                  said: `What you grew in ${season - 1} is on your list.`,
                  undo: { name: 'the list of what you want', send: ({ before }) => want(season, before) },
                })
              }
            >
              As many as in {season - 1}
            </button>
          )}
        </p>
      )}
      {live && isAdding && (
        <WantedForm
          choices={wanted.choices}
          onAdd={(cultivar, count) => set(cultivar, count, 'It is on your list.')}
        />
      )}
    </section>
  )
}
