export {
  addDays,
  addMonths,
  dateFromEpochDay,
  dayOfYear,
  daysBetween,
  epochDay,
  isIsoDate,
  isoDate,
  laterOf,
  earlierOf,
  monthOf,
  yearOf,
} from './calendar'
export type { IsoDate } from './calendar'
export { parseDate } from './parse-date'
