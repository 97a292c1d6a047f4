export { parseCoordinates } from './coordinates'
export { formatApart, formatMeasure, formatNumber } from './format'
export type { NumberStyle } from './format'
export {
  area,
  count,
  days,
  weeks,
  degreeDaySum,
  duration,
  length,
  mass,
  name,
  onDate,
  share,
  speed,
  temperature,
  thickness,
  volume,
  waterDepth,
} from './measure'
export type { Measure, QuantityKind, UnitSystem } from './measure'
export { parseQuantity } from './parse'
export type { ParsedQuantity } from './parse'
export { convertFromSi, convertToSi } from './units'
