import type { Manner } from '../core/facts'

/** What stands in a field at first, as it is typed: in metric units or in those of a US garden, in its own decimals. */
export function inEither(
  { units, decimals }: Pick<Manner, 'units'> & Partial<Pick<Manner, 'decimals'>>,
  metric: string,
  us: string,
): string {
  const typed = units === 'us' ? us : metric
  return decimals === 'comma' ? typed.replace(/(\d)\.(?=\d)/g, '$1,') : typed
}

/** What a bare number of a place's size is in. */
export const longUnit = (manner: Pick<Manner, 'units'>) => inEither(manner, 'm', 'ft')
