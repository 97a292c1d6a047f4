import { PartHeading } from '../../components/advice/why'
import { DataTable, type Column } from '../../components/table/data-table'
import type { Manner } from '../../core/facts'
import { sayAmount, sayMoney, sayPacks, soldName } from '../../wording/supplies'
import type { NeededLine } from './queries'

const NUMBER = 'text-right whitespace-nowrap'

/** Supplies for this season, against what is there: a line opens to who needs it. */
export function NeedsList({
  lines,
  manner,
  live,
  busy,
  onBought,
}: {
  lines: readonly NeededLine[]
  manner: Manner
  live: boolean
  busy: boolean
  onBought: (line: NeededLine) => void
}) {
  const columns: Column<NeededLine>[] = [
    {
      id: 'what',
      heading: 'what',
      isName: true,
      value: (line) => soldName(line, manner),
      cell: (line) => (
        <details>
          <summary className="min-h-8 pointer-coarse:min-h-11 cursor-pointer">
            {soldName(line, manner)}
          </summary>
          <ul className="py-1 pl-4 font-normal text-quiet">
            {line.for.map(({ title, quantity }) => (
              <li key={title}>
                {title}: {sayAmount(line.kind, quantity, manner)}
              </li>
            ))}
          </ul>
        </details>
      ),
    },
    {
      id: 'needed',
      heading: 'needed',
      className: NUMBER,
      cell: ({ kind, needed }) => sayAmount(kind, needed, manner),
    },
    {
      id: 'there',
      heading: 'there',
      className: NUMBER,
      cell: ({ kind, owned }) => (owned === 0 ? 'none' : sayAmount(kind, owned, manner)),
    },
    {
      id: 'short',
      heading: 'short',
      className: NUMBER,
      cell: ({ kind, short, packs }) =>
        packs > 0 ? (
          <span className="font-semibold text-cut">{sayAmount(kind, short, manner)}</span>
        ) : (
          <span className="text-quiet">none</span>
        ),
    },
    {
      id: 'packs',
      heading: 'to buy',
      className: NUMBER,
      value: ({ packs }) => (packs > 0 ? packs : null),
      cell: (line) => line.packs > 0 && sayPacks(line, manner),
    },
    {
      id: 'cost',
      heading: 'cost',
      className: NUMBER,
      value: ({ packs, cost }) => (packs > 0 ? cost : null),
      cell: ({ packs, cost }) => packs > 0 && (cost === null ? 'no price' : sayMoney(cost, manner)),
    },
    {
      id: 'acts',
      heading: '',
      className: 'text-right',
      cell: (line) =>
        line.packs > 0 &&
        live && (
          <button
            className="btn min-h-11 bg-base-100"
            disabled={busy}
            aria-label={`${soldName(line, manner)}: bought`}
            onClick={() => onBought(line)}
          >
            Bought
          </button>
        ),
    },
  ]
  return (
    <section aria-label="Supplies for this season" className="mt-6">
      <PartHeading>Supplies for this season</PartHeading>
      <DataTable
        label="Supplies for this season"
        rows={lines}
        columns={columns}
        keyOf={({ kind, length }) => `${kind} ${length}`}
      />
    </section>
  )
}
