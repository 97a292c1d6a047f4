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
export { isTimeZone } from './time-zone'
export { dayNamed, parseDate } from './parse-date'
