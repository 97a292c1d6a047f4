'use client'

import { useChange } from '../../components/act/use-change'
import type { Manner, Supply } from '../../core/facts'
import { sayLength } from '../../wording/say'
import { sayAmount, sayMoney, supplyKindName } from '../../wording/supplies'
import { putBack } from './actions'

/** What is there, line by line. */
export function SupplyList({
  supplies,
  manner,
  live,
  onChange,
}: {
  supplies: readonly Supply[]
  manner: Manner
  live: boolean
  onChange: (supply: Supply) => void
}) {
  const { busy, change } = useChange()
  const takeOut = (supply: Supply) =>
    change({
      send: () => putBack(supply.id, null),
      said: `${supply.name || supplyKindName(supply.kind)} taken out.`,
      undo: { name: 'taking it out', send: () => putBack(supply.id, supply) },
    })
  if (supplies.length === 0) return <p className="text-quiet">Nothing is noted yet.</p>
  return (
    <ul>
      {supplies.map((supply) => {
        const { id, kind, name, quantity, length, pack, price } = supply
        const title = name || supplyKindName(kind)
        return (
          <li key={id} className="flex flex-wrap items-center gap-x-3 border-t border-base-300 py-1">
            <span className="grow">
              <span className="font-semibold">{title}</span>
              <span className="block text-sm text-quiet">
                {name && `${supplyKindName(kind)}, `}
                {length !== null && `${sayLength(length, manner)} each, `}
                {pack !== 1 && `packs of ${sayAmount(kind, pack, manner)}, `}
                {price === null ? 'no price' : `${sayMoney(price, manner)} ${pack === 1 ? 'each' : 'a pack'}`}
              </span>
            </span>
            <span className="font-semibold whitespace-nowrap">{sayAmount(kind, quantity, manner)}</span>
            {live && (
              <span className="flex gap-1">
                <button
                  className="btn min-h-11 bg-base-100"
                  aria-label={`Change ${title}`}
                  onClick={() => onChange(supply)}
                >
                  Change
                </button>
                <button
                  className="btn min-h-11 bg-base-100"
                  aria-label={`Take out ${title}`}
                  disabled={busy}
                  onClick={() => takeOut(supply)}
                >
                  Take out
                </button>
              </span>
            )}
          </li>
        )
      })}
    </ul>
  )
}
