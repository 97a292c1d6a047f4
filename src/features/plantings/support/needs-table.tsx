import { PartHeading } from '../../../components/advice/why'
import type { Manner, Supply } from '../../../core/facts'
import { added, costOf } from '../../../core/supplies'
import type { Need } from '../../../core/support'
import { sayMeasure } from '../../../wording/say'
import { sayAmount, sayCost, supplyName } from '../../../wording/supplies'

/** What a support takes, and the work in it. */
export function NeedsTable({
  needs,
  manner,
  minutes,
  sold,
}: {
  needs: readonly Need[]
  manner: Manner
  minutes: number
  sold: readonly Supply[]
}) {
  const lines = added(needs)
  return (
    <section aria-label="What you need">
      <PartHeading>What you need</PartHeading>
      {lines.length === 0 ? (
        <p className="text-quiet">Nothing.</p>
      ) : (
        <table className="w-full border-collapse">
          <tbody>
            {lines.map((need) => (
              <tr key={`${need.kind} ${need.length}`} className="border-t border-base-300">
                <th scope="row" className="py-1.5 text-left font-normal">
                  {supplyName(need, manner)}
                </th>
                <td className="text-right font-semibold">{sayAmount(need.kind, need.quantity, manner)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {lines.length > 0 && (
        <p className="mt-2">Cost if bought new: {sayCost(costOf(needs, sold, manner.units), manner)}.</p>
      )}
      {minutes > 0 && (
        <p className="mt-2 text-quiet">
          About {sayMeasure({ kind: 'duration', value: minutes * 60 }, manner)} of work for the row in a
          season.
        </p>
      )}
    </section>
  )
}
