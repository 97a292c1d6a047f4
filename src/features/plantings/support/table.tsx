import { PartHeading } from '../../../components/advice/why'
import type { Advice } from '../../../core/advice'
import { SUPPORTS, type Manner, type Supply, type Support } from '../../../core/facts'
import { costOf } from '../../../core/supplies'
import type { SupportPlan, SupportRule } from '../../../core/support'
import { nameOf } from '../../../wording/names'
import { sayCount, sayLength, sayMeasure } from '../../../wording/say'
import { sayReason } from '../../../wording/say-reason'
import { sayCost } from '../../../wording/supplies'

const SUITS = { well: 'suits well', can: 'can serve', no: 'does not suit' } as const

/** The systems side by side for these plants; choosing one draws it. */
export function SupportTable({
  advice,
  manner,
  sold,
  onChoose,
}: {
  advice: Advice<SupportPlan, SupportRule>
  manner: Manner
  sold: readonly Supply[]
  onChoose: (system: Support) => void
}) {
  const { answer, alternatives } = advice
  const lines = SUPPORTS.flatMap((system) => {
    if (system === answer.system) return [{ plan: answer, effect: '' }]
    const other = alternatives.find(({ school }) => school === system)
    return other
      ? [
          {
            plan: other.answer,
            effect: [...other.gains, ...other.costs].map((reason) => sayReason(reason, manner)).join('; '),
          },
        ]
      : []
  })
  return (
    <section aria-label="Another way">
      <PartHeading>Another way</PartHeading>
      <div className="table-room">
        <table className="cards w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {[
                'support',
                'this plant',
                'post',
                'work',
                'cost, bought new',
                'lasts',
                'against the answer',
              ].map((heading) => (
                <th key={heading} scope="col" className="py-1 pr-3 font-normal">
                  {heading}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map(({ plan, effect }) => (
              <tr
                key={plan.system}
                className={`border-t border-base-300 ${plan === answer ? 'bg-base-200 font-semibold' : ''}`}
              >
                <th scope="row" className="pr-3 text-left font-[inherit]">
                  <button
                    className="min-h-11 w-full px-1.5 text-left underline decoration-base-300 underline-offset-4 hover:decoration-leaf"
                    aria-pressed={plan === answer}
                    onClick={() => onChoose(plan.system)}
                  >
                    {nameOf(`by-${plan.system}`)}
                  </button>
                </th>
                <td data-label="this plant" className="pr-3 whitespace-nowrap">
                  {SUITS[plan.suits]}
                </td>
                <td data-label="post" className="pr-3 whitespace-nowrap">
                  {plan.post
                    ? `${sayLength(plan.post.length, manner)} ${nameOf(plan.post.material)}`
                    : 'none'}
                </td>
                <td data-label="work" className="pr-3 whitespace-nowrap">
                  {sayMeasure({ kind: 'duration', value: plan.minutes * 60 }, manner)}
                </td>
                <td data-label="cost, bought new" className="pr-3 leading-snug">
                  {plan.needs.length > 0 && sayCost(costOf(plan.needs, sold, manner.units), manner)}
                </td>
                <td data-label="lasts" className="pr-3 whitespace-nowrap">
                  {plan.life > 0 && sayCount(plan.life, 'season')}
                </td>
                <td data-wide className="py-1 leading-snug">
                  {effect}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
