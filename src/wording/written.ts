import type { Manner } from '../core/facts'
import { convertFromSi, convertToSi, formatMeasure, formatNumber } from '../core/quantity'

/** The kinds of quantities that stand in texts; SI, volumes in L. */
const KINDS = ['length', 'temperature', 'mass', 'volume', 'number'] as const
type Kind = (typeof KINDS)[number]

/** Digits after the point of a number without a unit, at the most. */
const DIGITS = 3

const QUANTITY = /\{([a-z]+) (\d+(?:\.\d+)?)(?:–(\d+(?:\.\d+)?))?\}/g

/**
 * A text with its quantities in the gardener's units: `{length 0.3}`, `{temperature 13–21}`.
 *
 * @throws RangeError when a quantity is of no kind that texts hold
 */
export function written(text: string, manner: Manner): string {
  return text.replace(QUANTITY, (_, named: string, low: string, high: string | undefined) => {
    const kind = KINDS.find((one) => one === named)
    if (!kind) throw new RangeError(`“${text}” holds a quantity of no kind: ${named}`)
    const from = sayRound(kind, Number(low), manner)
    if (high === undefined) return from
    const to = sayRound(kind, Number(high), manner)
    if (kind === 'number') return `${from}–${to}`
    const [number, unit] = from.split('\u00a0')
    return to.endsWith(`\u00a0${unit}`) ? `${number}–${to}` : `${from}–${to}`
  })
}

/** A round number of centimetres is said as a round number of inches. */
function sayRound(kind: Kind, value: number, manner: Manner): string {
  if (kind === 'number') return formatNumber(value, manner, DIGITS)
  const si =
    kind === 'length' && manner.units === 'us'
      ? convertToSi(Math.max(1, Math.round(convertFromSi(value, kind, 'in'))), kind, 'in')
      : value
  return formatMeasure({ kind, value: si }, manner)
}
