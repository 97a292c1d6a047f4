'use client'

import { DayPicker } from 'react-day-picker'
import { epochDay, isoDate, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'

/** Days are the garden's own, without a time or zone: the calendar is given them in UTC, and tells them so. */
const asMoment = (date: IsoDate) => new Date(epochDay(date) * 86_400_000)
const asDate = (moment: Date) => isoDate(moment.toISOString().slice(0, 10))

/** A month of days, by the garden's own first day of the week. */
export function DateCalendar({
  chosen,
  last,
  manner,
  onChoose,
}: {
  chosen: IsoDate
  last: IsoDate
  manner: Manner
  onChoose: (date: IsoDate) => void
}) {
  return (
    <DayPicker
      mode="single"
      required
      autoFocus
      timeZone="UTC"
      className="react-day-picker text-base [&_.rdp-day]:size-11 [&_.rdp-day\_button]:size-11 [&_.rdp-month\_caption]:text-base [&_.rdp-nav_button]:size-11 [&_.rdp-selected]:text-base"
      weekStartsOn={manner.dates === 'month-first' ? 0 : 1}
      showOutsideDays
      defaultMonth={asMoment(chosen)}
      selected={asMoment(chosen)}
      today={asMoment(last)}
      disabled={{ after: asMoment(last) }}
      onSelect={(moment) => onChoose(asDate(moment))}
    />
  )
}
