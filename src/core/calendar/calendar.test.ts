import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  addDays,
  addMonths,
  dateFromEpochDay,
  dayOfYear,
  daysBetween,
  epochDay,
  isIsoDate,
  isoDate,
  isTimeZone,
  isWithinReach,
  parseDate,
  type IsoDate,
} from '.'

const anyDay = fc.integer({ min: -36_500, max: 73_000 }).map(dateFromEpochDay)

describe('calendar', () => {
  it('knows which dates exist', () => {
    expect(isIsoDate('2028-02-29')).toBe(true)
    expect(isIsoDate('2027-02-29')).toBe(false)
    expect(isIsoDate('2027-13-01')).toBe(false)
    expect(isIsoDate('2027-1-1')).toBe(false)
    expect(isIsoDate(20270101)).toBe(false)
    expect(() => isoDate('yesterday')).toThrow(RangeError)
  })

  it('counts days', () => {
    expect(daysBetween(isoDate('2026-02-27'), isoDate('2026-03-01'))).toBe(2)
    expect(dayOfYear(isoDate('2026-12-31'))).toBe(365)
    expect(dayOfYear(isoDate('2028-12-31'))).toBe(366)
    expect(addMonths(isoDate('2026-01-31'), 1)).toBe('2026-02-28')
    expect(addMonths(isoDate('2026-11-30'), 3)).toBe('2027-02-28')
  })

  it('goes there and back', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -4000, max: 4000 }), (date, days) => {
        const there = addDays(date, days)
        expect(daysBetween(date, there)).toBe(days)
        expect(addDays(there, -days)).toBe(date)
        expect(dateFromEpochDay(epochDay(date))).toBe(date)
      }),
    )
  })
})

describe('isWithinReach', () => {
  it('takes dates of about a year on either side, and nothing else', () => {
    const today = '2026-06-18' as IsoDate
    expect(isWithinReach('2027-07-20', today)).toBe(true)
    expect(isWithinReach('2027-08-01', today)).toBe(false)
    expect(isWithinReach('1800-01-01', today)).toBe(false)
    expect(isWithinReach('2026-02-30', today)).toBe(false)
    expect(isWithinReach(undefined, today)).toBe(false)
  })
})

describe('parseDate', () => {
  const today = '2026-06-18' as IsoDate
  it.each([
    ['2026-05-05', 'iso', '2026-05-05'],
    ['5 May', 'day-first', '2026-05-05'],
    ['May 5', 'day-first', '2026-05-05'],
    ['May 5th, 2025', 'month-first', '2025-05-05'],
    ['Tue 5 September 2025', 'day-first', '2025-09-05'],
    ['5.6.', 'day-first', '2026-06-05'],
    ['5/6/2027', 'month-first', '2027-05-06'],
    ['Yesterday', 'iso', '2026-06-17'],
    ['tomorrow', 'iso', '2026-06-19'],
    // 18 June 2026 is a Thursday: a weekday is the last one before today.
    ['Thursday', 'day-first', '2026-06-11'],
    ['last Monday', 'month-first', '2026-06-15'],
    ['3 days ago', 'day-first', '2026-06-15'],
    ['2 weeks ago', 'day-first', '2026-06-04'],
  ] as const)('reads %s', (text, order, expected) => expect(parseDate(text, today, order)).toBe(expected))

  it.each(['', 'soon', '31 June', '5', '1/2/3/4', '5 May 26', '<b>5 May</b>', 'last year', 'days ago'])(
    'refuses %s',
    (text) => expect(parseDate(text, today, 'day-first')).toBeNull(),
  )
})

describe('the bounds of the calendar', () => {
  it('are its first and last year, and no day that does not exist', () => {
    for (const text of ['1900-01-01', '1899-12-31', '2399-12-31', '2400-01-01', '2026-02-29', '2026-13-01'])
      expect(isIsoDate(text), text).toBe(['1900-01-01', '2399-12-31'].includes(text))
    expect(isIsoDate(20260618)).toBe(false)
    expect(() => isoDate('2026-02-30')).toThrow(/date must be a calendar date such as 2026-06-18/)
  })
})

describe('a time zone', () => {
  it.each(['UTC', 'America/Chicago', 'Europe/Berlin'])('%s is one', (zone) =>
    expect(isTimeZone(zone)).toBe(true),
  )
  it.each(['', 'Mars/Olympus', 'here'])('%s is none', (zone) => expect(isTimeZone(zone)).toBe(false))
})
