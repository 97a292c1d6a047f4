import type { Manner } from '../core/facts'
import { convertFromSi, convertToSi, formatMeasure } from '../core/quantity'

/** Units that stand in sentences, with the kind and the factor that make them SI. */
const UNITS = {
  '°C': ['temperature', 1],
  cm: ['length', 0.01],
  kg: ['mass', 1],
  mL: ['volume', 0.001],
} as const

const MEASURE = /(\d+(?:\.\d+)?)(?:(–| to )(\d+(?:\.\d+)?))?[ \u00a0\u202f]?(°C|cm|kg|mL)(?![\p{L}\p{N}])/gu

/** A sentence whose measures are written in metric units, in the gardener's. */
export function inUnits(text: string, manner: Manner): string {
  if (manner.units === 'metric') return text
  return text.replace(MEASURE, (_, low: string, between: string, high: string | undefined, unit: string) => {
    const [kind, factor] = UNITS[unit as keyof typeof UNITS]
    const say = (value: string) =>
      formatMeasure({ kind, value: rounded(kind, Number(value) * factor) }, manner)
    return high === undefined ? say(low) : `${say(low)}${between}${say(high)}`
  })
}

/** A round number of centimetres is said as a round number of inches. */
const rounded = (kind: 'temperature' | 'length' | 'mass' | 'volume', value: number) =>
  kind === 'length'
    ? convertToSi(Math.max(1, Math.round(convertFromSi(value, kind, 'in'))), kind, 'in')
    : value
