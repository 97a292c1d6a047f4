import type { Manner } from '../core/facts'

/** What stands in a field at first, as it is typed: in metric units or in those of a US garden. */
export const inEither = ({ units }: Pick<Manner, 'units'>, metric: string, us: string): string =>
  units === 'us' ? us : metric

/** What a bare number of a place's size is in. */
export const longUnit = (manner: Pick<Manner, 'units'>) => inEither(manner, 'm', 'ft')
