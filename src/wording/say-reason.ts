import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import { REASONS, type Rule } from './reasons'
import { listed } from './names'
import { fillIn, sayCounted } from './say'
import type { WorkingId } from './workings/names'
import { workingOf } from './workings/of-rule'

/** A reason as a sentence. @throws RangeError when its sentence wants a value that the reason does not hold */
export const sayReason = (reason: Reason, manner: Manner): string =>
  fillIn(
    REASONS[reason.rule as Rule].replace('{cuts}', () => sayCutSums(reason, manner)),
    reason,
    manner,
  )

/** `18 suckers and 12 leaves`: what a round takes off, in all. */
const sayCutSums = ({ values }: Reason, manner: Manner): string =>
  listed(
    (
      [
        ['suckers', 'sucker', 'suckers'],
        ['leaves', 'leaf', 'leaves'],
        ['trusses', 'flower cluster', 'flower clusters'],
        ['tips', 'tip', 'tips'],
      ] as const
    ).flatMap(([key, one, many]) => {
      const sum = values[key]
      return sum?.kind === 'count' && sum.value > 0 ? [sayCounted(sum.value, manner, one, many)] : []
    }),
  )

/** A reason as it is shown, with the working of the Almanac that explains it. */
export interface SaidReason {
  text: string
  weight: Reason['weight']
  working?: WorkingId | null
}

/** The reasons of an answer as they are shown. */
export const sayReasons = (reasons: readonly Reason[], manner: Manner): SaidReason[] =>
  reasons.map((reason) => ({
    text: sayReason(reason, manner),
    weight: reason.weight,
    working: workingOf(reason.rule),
  }))
