export {
  addDays,
  addMonths,
  dateFromEpochDay,
  dayOfYear,
  daysBetween,
  epochDay,
  isIsoDate,
  isoDate,
  isWithinReach,
  laterOf,
  earlierOf,
  monthOf,
  yearOf,
} from './calendar'
export type { IsoDate } from './calendar'
export { parseDate } from './parse-date'
