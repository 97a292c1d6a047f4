import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import { REASONS, type Rule } from './reasons'
import { fillIn } from './say'
import type { WorkingId } from './workings/names'
import { workingOf } from './workings/of-rule'

/** A reason as a sentence. @throws RangeError when its sentence wants a value that the reason does not hold */
export const sayReason = (reason: Reason, manner: Manner): string =>
  fillIn(REASONS[reason.rule as Rule], reason, manner)

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
