export { requireFinite, requireInRange, requireInteger, requireAtLeastOne } from './guard'
