import { PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { sayAmount, sayMoney, sayPacks, supplyName } from '../../wording/supplies'
import type { NeededLine } from './queries'

/** What the season takes, against what is there: a line opens to who needs it. */
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
  return (
    <section aria-label="What the season takes" className="mt-6">
      <PartHeading>What the season takes</PartHeading>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {['what', 'needed', 'there', 'short', 'to buy', 'cost', ''].map((heading, index) => (
                <th
                  key={heading}
                  scope="col"
                  className={`py-1 pr-4 font-normal ${index > 0 && index < 6 ? 'text-right' : ''}`}
                >
                  {heading || <span className="sr-only">act</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => {
              const { kind, length, needed, owned, short, packs, cost } = line
              const name = supplyName(line, manner)
              return (
                <tr key={`${kind} ${length}`} className="border-t border-base-300 align-top">
                  <th scope="row" className="py-1.5 pr-4 text-left font-semibold">
                    <details>
                      <summary className="min-h-8 cursor-pointer">{name}</summary>
                      <ul className="py-1 pl-4 font-normal text-quiet">
                        {line.for.map(({ title, quantity }) => (
                          <li key={title}>
                            {title}: {sayAmount(kind, quantity, manner)}
                          </li>
                        ))}
                      </ul>
                    </details>
                  </th>
                  <td className="py-1.5 pr-4 text-right whitespace-nowrap">
                    {sayAmount(kind, needed, manner)}
                  </td>
                  <td className="py-1.5 pr-4 text-right whitespace-nowrap">
                    {owned === 0 ? 'none' : sayAmount(kind, owned, manner)}
                  </td>
                  <td
                    className={`py-1.5 pr-4 text-right whitespace-nowrap ${packs > 0 ? 'font-semibold text-cut' : 'text-quiet'}`}
                  >
                    {packs > 0 ? sayAmount(kind, short, manner) : 'none'}
                  </td>
                  <td className="py-1.5 pr-4 text-right whitespace-nowrap">
                    {packs > 0 && sayPacks(line, manner)}
                  </td>
                  <td className="py-1.5 pr-4 text-right whitespace-nowrap">
                    {packs > 0 && (cost === null ? 'no price' : sayMoney(cost, manner))}
                  </td>
                  <td className="py-1 text-right">
                    {packs > 0 && live && (
                      <button
                        className="btn min-h-11 bg-base-100"
                        disabled={busy}
                        aria-label={`${name}: bought`}
                        onClick={() => onBought(line)}
                      >
                        Bought
                      </button>
                    )}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </section>
  )
}
