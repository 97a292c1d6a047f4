import { boundsOf, type CapacityInput, type Filling } from './capacity-input'
import { inRows } from './in-rows'
import { staggered } from './staggered'

/**
 * As many as fit, in the layout asked for; of two that hold as many, straight rows.
 *
 * @throws RangeError when a measure is out of range
 */
export function fill(input: CapacityInput): Filling {
  const bounds = boundsOf(input)
  const { layout = 'best' } = input
  if (layout === 'staggered') return staggered(bounds)
  const rows = inRows(bounds)
  if (layout === 'rows') return rows
  const offset = staggered(bounds)
  return offset.count > rows.count ? offset : rows
}
