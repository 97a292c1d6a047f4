import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import { REASONS, type Rule } from './reasons'
import { fillIn } from './say'

/** A reason as a sentence. @throws RangeError when its sentence wants a value that the reason does not hold */
export const sayReason = (reason: Reason, manner: Manner): string =>
  fillIn(REASONS[reason.rule as Rule], reason, manner)
