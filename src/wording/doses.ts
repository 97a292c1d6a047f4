import type { FeedStrength, Product } from '../core/feeding'
import type { Manner } from '../core/facts'
import { formatMeasure } from '../core/quantity'
import { sayNumber } from './say'

/** Shares of a label's rate. */
export const STRENGTHS = [
  { share: 0.25, name: '¼' },
  { share: 1 / 3, name: '⅓' },
  { share: 0.5, name: '½' },
  { share: 1, name: 'full' },
  { share: 1.5, name: '1½' },
] as const

/** A dose as it is measured out: a liquid by spoons and cups, a dry feed weighed and by the spoon. */
export function sayDose(amount: number, feed: Product | null, manner: Manner): string {
  if (!feed) return `${sayNumber(amount, manner)} g or mL`
  const volume = (millilitres: number) => formatMeasure({ kind: 'volume', value: millilitres / 1000 }, manner)
  return feed.liquid
    ? volume(amount)
    : `${formatMeasure({ kind: 'mass', value: amount / 1000 }, manner)} (${volume(amount / feed.bulkDensity)})`
}

/** How strong a feed is made up for ground that gives so much already. */
export function sayStrength({ share, given }: FeedStrength, manner: Manner): string {
  const gives = formatMeasure({ kind: 'share', value: given }, manner)
  return share === 1
    ? `The soil gives ${gives} of the nitrogen they need in the next four weeks. Give up to the label’s full rate.`
    : `The soil gives ${gives} of the nitrogen they need in the next four weeks, so ${share === 0.5 ? 'half' : 'a third of'} the label’s rate is enough.`
}

/** What a label promises, in percent: `20–8–8` of N, P₂O₅ and K₂O. */
export const sayGrade = ({ n, p2o5, k2o }: Record<'n' | 'p2o5' | 'k2o', number>, manner: Manner): string =>
  [n, p2o5, k2o].map((percent) => sayNumber(percent, manner)).join('–')
