import { PrintFrame } from '../../components/print-frame'
import { formatDate } from '../../wording/dates'
import { sayAmount, sayMoney, sayPacks, soldName } from '../../wording/supplies'
import type { ShedView } from './queries'

/** What is short, on paper, with a box to tick. */
export function BuyingSheet({ view, paper }: { view: ShedView; paper: 'a4' | 'letter' }) {
  const { manner } = view
  const short = view.lines.filter(({ packs }) => packs > 0)
  const known = short.reduce((sum, { cost }) => sum + (cost ?? 0), 0)
  return (
    <PrintFrame
      title="Buying list"
      back={{ href: '/shed', label: 'Shed' }}
      paper={paper}
      landscape={false}
      margin={15}
    >
      <p style={{ fontSize: '14pt' }}>
        <strong>To buy</strong>, {formatDate(view.on, manner, 'full')}
      </p>
      {short.length === 0 ? (
        <p>You have everything for this season.</p>
      ) : (
        <table className="mt-3 w-full border-collapse" style={{ fontSize: '11pt' }}>
          <thead className="text-left">
            <tr>
              {['', 'what', 'short', 'to buy', 'each', 'cost'].map((heading) => (
                <th key={heading} scope="col" className="py-1 pr-4 font-normal">
                  {heading || <span className="sr-only">done</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {short.map((line) => (
              <tr key={`${line.kind} ${line.length}`} className="break-inside-avoid border-t border-black">
                <td className="py-2 pr-4">
                  <span aria-hidden className="inline-block h-4 w-4 border border-black" />
                </td>
                <th scope="row" className="pr-4 text-left">
                  {soldName(line, manner)}
                </th>
                <td className="pr-4">{sayAmount(line.kind, line.short, manner)}</td>
                <td className="pr-4">{sayPacks(line, manner)}</td>
                <td className="pr-4">
                  {line.cost === null ? '________' : sayMoney(line.cost / line.packs, manner)}
                </td>
                <td>{line.cost === null ? '________' : sayMoney(line.cost, manner)}</td>
              </tr>
            ))}
          </tbody>
          {known > 0 && (
            <tfoot>
              <tr className="border-t-2 border-black">
                <td />
                <th scope="row" className="py-2 text-left" colSpan={4}>
                  Total of items with a price
                </th>
                <td className="font-semibold">{sayMoney(known, manner)}</td>
              </tr>
            </tfoot>
          )}
        </table>
      )}
    </PrintFrame>
  )
}
