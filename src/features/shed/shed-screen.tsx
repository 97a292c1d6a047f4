'use client'

import { later } from '../../components/later'
import { Link } from '../../components/link'
import { useState } from 'react'
import { useChange } from '../../components/act/use-change'
import { v7 } from 'uuid'
import { PartHeading } from '../../components/advice/why'
import type { Supply } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { sayCount } from '../../wording/say'
import { sayMoney } from '../../wording/supplies'
import { markBought } from './actions'
import { HomeMade } from './home-made'
import { NeedsList } from './needs-list'
import type { NeededLine, ShedView } from './queries'
import { SupplyList } from './supply-list'
import { YearsTable } from './years-table'

/** Fetched when something is added or changed. */
const SupplyForm = later(() => import('./supply-form').then(({ SupplyForm }) => SupplyForm))

/** The shed: what the season takes, what is short and what it costs, what is there, and buying over years. */
export function ShedScreen({ view }: { view: ShedView }) {
  const { manner, lines, supplies, years, on, now, query } = view
  const { busy, change } = useChange()
  const [editing, setEditing] = useState<Supply | 'new' | null>(null)
  const live = on === now
  const short = lines.filter(({ packs }) => packs > 0)
  const known = short.reduce((sum, { cost }) => sum + (cost ?? 0), 0)
  const open = short.filter(({ cost }) => cost === null).length

  const buy = (bought: readonly NeededLine[]) =>
    change({
      send: () =>
        markBought(
          bought.map(({ kind, length, pack, packs, like }) => ({
            id: v7(),
            like,
            kind,
            length,
            pack,
            packs,
          })),
        ),
      said: `In the shed: ${sayCount(bought.length, 'item')}.`,
    })

  return (
    <div className="mx-auto max-w-6xl px-6 py-5 max-sm:px-4">
      <h1 className="text-3xl font-semibold">
        {lines.length === 0
          ? 'You need nothing yet'
          : short.length === 0
            ? 'You have everything for this season'
            : `${sayCount(short.length, 'item')} to buy${known > 0 ? `: ${sayMoney(known, manner)}${open > 0 ? ` (${open} ${open === 1 ? 'has' : 'have'} no price)` : ''}` : ''}`}
      </h1>
      <p className="mt-2 text-lg text-quiet">
        {lines.length === 0
          ? 'Plan a planting, and its supports, ties, labels, mix and mulch are counted here.'
          : `For all plantings still growing or planned on ${formatDate(on, manner)}. Supports already in your beds count as yours.`}
      </p>
      {short.length > 0 && (
        <p className="mt-3 flex flex-wrap gap-2">
          <Link className="btn min-h-11 bg-base-100" href={`/shed/buying${query}`}>
            Print the buying list
          </Link>
          <a className="btn min-h-11 bg-base-100" href="/buying.csv" download>
            As a table (CSV)
          </a>
        </p>
      )}
      {lines.length > 0 && (
        <NeedsList lines={lines} manner={manner} live={live} busy={busy} onBought={(line) => buy([line])} />
      )}
      <div className="mt-8 grid gap-8 lg:grid-cols-[3fr_2fr]">
        <section aria-label="In the shed" className="min-w-0">
          <PartHeading>In the shed</PartHeading>
          <SupplyList supplies={supplies} manner={manner} live={live} onChange={setEditing} />
          {live &&
            (editing ? (
              <SupplyForm
                key={editing === 'new' ? 'new' : editing.id}
                supply={editing === 'new' ? null : editing}
                manner={manner}
                onDone={() => setEditing(null)}
              />
            ) : (
              <button className="btn mt-3 min-h-11 bg-base-100" onClick={() => setEditing('new')}>
                Add to the shed
              </button>
            ))}
        </section>
        <div className="min-w-0 space-y-8">
          {short.length > 0 && <YearsTable years={years} manner={manner} on={on} now={now} />}
          <HomeMade
            mesh={supplies
              .filter(({ kind }) => kind === 'mesh')
              .reduce((sum, { quantity }) => sum + quantity, 0)}
            wire={supplies
              .filter(({ kind }) => kind === 'wire')
              .reduce((sum, { quantity }) => sum + quantity, 0)}
            manner={manner}
          />
        </div>
      </div>
    </div>
  )
}
