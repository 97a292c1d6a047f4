'use client'

import { useChange } from '../../components/act/use-change'
import { DataTable, type Column } from '../../components/table/data-table'
import type { Manner, Supply } from '../../core/facts'
import { measuresOf, sayAmount, sayMoney, supplyKindName } from '../../wording/supplies'
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
      said: `${supply.name || supplyKindName(supply.kind)} removed.`,
      undo: { name: 'removing it', send: () => putBack(supply.id, supply) },
    })
  if (supplies.length === 0) return <p className="text-quiet">You have listed nothing yet.</p>
  const titleOf = ({ name, kind }: Supply) => name || supplyKindName(kind)
  const columns: Column<Supply>[] = [
    {
      id: 'what',
      heading: 'what',
      isName: true,
      value: (supply) => `${titleOf(supply)} ${supplyKindName(supply.kind)}`,
      cell: (supply) => (
        <>
          {titleOf(supply)}
          <span className="block text-sm font-normal text-quiet">
            {supply.name && supplyKindName(supply.kind)}
            {measuresOf(supply, manner) && `${supply.name ? ', ' : ''}${measuresOf(supply, manner)}`}
          </span>
        </>
      ),
    },
    {
      id: 'there',
      heading: 'there',
      className: 'whitespace-nowrap',
      cell: ({ kind, quantity }) => sayAmount(kind, quantity, manner),
    },
    {
      id: 'price',
      heading: 'price',
      value: ({ price, pack }) => price && price / pack,
      cell: ({ kind, pack, price }) => (
        <>
          {price === null ? <span className="text-quiet">no price</span> : sayMoney(price, manner)}
          {price !== null && pack === 1 && ' each'}
          {pack !== 1 && (
            <span className="block text-sm text-quiet">packs of {sayAmount(kind, pack, manner)}</span>
          )}
        </>
      ),
    },
    {
      id: 'acts',
      heading: '',
      className: 'text-right',
      cell: (supply) =>
        live && (
          <span className="flex flex-wrap justify-end gap-1">
            <button
              className="btn min-h-11 bg-base-100"
              aria-label={`Change ${titleOf(supply)}`}
              onClick={() => onChange(supply)}
            >
              Change
            </button>
            <button
              className="btn min-h-11 bg-base-100"
              aria-label={`Take out ${titleOf(supply)}`}
              disabled={busy}
              onClick={() => takeOut(supply)}
            >
              Remove
            </button>
          </span>
        ),
    },
  ]
  return <DataTable label="In the shed" rows={supplies} columns={columns} keyOf={({ id }) => id} />
}
