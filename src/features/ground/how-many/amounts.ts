import type { Crop } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { FRESH_A_WEEK, type Use } from '../../../core/harvest'
import { parseQuantity } from '../../../core/quantity'
import { sayMeasure } from '../../../wording/say'

/** What a household is asked, as typed. */
export type Amounts = Record<'people' | 'weeks' | Use, string>

export const LABELS: Record<keyof Amounts, { label: string; kind: 'count' | 'mass' | 'volume' }> = {
  people: { label: 'People', kind: 'count' },
  weeks: { label: 'Weeks of eating fresh', kind: 'count' },
  fresh: { label: 'Fresh, per person and week', kind: 'mass' },
  sauce: { label: 'Sauce', kind: 'volume' },
  dried: { label: 'Dried', kind: 'mass' },
  pickled: { label: 'Pickled', kind: 'volume' },
  given: { label: 'To give away', kind: 'mass' },
}

/** Where a household starts: kg, L. */
const START: Record<Crop, Record<keyof Amounts, number>> = {
  tomato: { people: 4, weeks: 8, fresh: FRESH_A_WEEK.tomato, sauce: 20, dried: 0, pickled: 0, given: 5 },
  pepper: { people: 4, weeks: 8, fresh: FRESH_A_WEEK.pepper, sauce: 0, dried: 0, pickled: 4, given: 0 },
}
export const startOf = (crop: Crop, manner: Manner): Amounts =>
  Object.fromEntries(
    Object.entries(START[crop]).map(([key, value]) => {
      const { kind } = LABELS[key as keyof Amounts]
      return [key, kind === 'count' || value === 0 ? String(value) : sayMeasure({ kind, value }, manner)]
    }),
  ) as Amounts

/** What was typed, SI; or what is wrong with it. */
export function readAmounts(
  typed: Amounts,
  manner: Manner,
): Record<keyof Amounts, number> | { fault: string } {
  const numbers = {} as Record<keyof Amounts, number>
  for (const key of Object.keys(LABELS) as (keyof Amounts)[]) {
    const { label, kind } = LABELS[key]
    const text = typed[key].trim()
    const most = key === 'weeks' ? 52 : key === 'fresh' ? 20 : 10_000
    const parsed =
      text === '' || text === '0'
        ? { value: 0 }
        : kind === 'count'
          ? { value: /^\d{1,6}$/.test(text) ? Number(text) : NaN }
          : parseQuantity(text, kind, manner.units)
    if ('error' in parsed) return { fault: `${label}: ${parsed.error}` }
    if (!(parsed.value >= 0 && parsed.value <= most)) {
      const say = kind === 'count' ? String(most) : sayMeasure({ kind, value: most }, manner)
      return { fault: `${label}: ${kind === 'count' ? 'a whole number ' : ''}from 0 to ${say}, please.` }
    }
    numbers[key] = parsed.value
  }
  return numbers
}
