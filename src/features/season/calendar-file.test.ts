import ICAL from 'ical.js'
import { parse } from 'papaparse'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { calendarFile } from './calendar-file'
import { seasonCsv } from './season-csv'

const WRITTEN = new Date('2026-06-18T09:30:00Z')
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
const dayOf = (text: string, uid: string) =>
  eventsOf(text)
    .find((event) => event.uid === uid)
    ?.startDate.toString()

describe('the calendar file', () => {
  const text = calendarFile(demoState(), WRITTEN)
  const events = eventsOf(text)
  it('is read back event by event, each a whole day of its own', () => {
    expect(events.length).toBeGreaterThan(90)
    for (const event of events) {
      expect(event.startDate.isDate).toBe(true)
      expect(event.duration.toSeconds()).toBe(86_400)
      expect(event.summary).not.toBe('')
    }
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length)
    expect(dayOf(text, 'demo-2026-tunnel-2.set-out@prairie')).toBe('2026-08-03')
  })
  it('folds its lines at 75 octets, ends them as calendars do, and says when it was written in UTC', () => {
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    expect(text).not.toMatch(/[^\r]\n/)
    expect(text).toContain('DTSTAMP:20260618T093000Z')
    expect(text).toContain('X-WR-TIMEZONE:America/Chicago')
  })
  it('moves an event and keeps its UID when a date moves', () => {
    const flowered = potEntry('x', 'flowered', '2026-06-16')
    const moved = calendarFile(demoState({ entries: [flowered] }), WRITTEN)
    const uid = 'demo-2026-pot-1-1.first-flower@prairie'
    expect(dayOf(moved, uid)).toBe('2026-06-16')
    expect(dayOf(text, uid)).not.toBe('2026-06-16')
    expect(eventsOf(moved)).toHaveLength(events.length)
  })
  it('reminds at the chosen hours of the days ahead, and of nothing that was not chosen', () => {
    expect(text).not.toContain('VALARM')
    const reminded = calendarFile(demoState(), WRITTEN, { frost: null, water: 7, round: 18 })
    const all = new ICAL.Component(ICAL.parse(reminded)).getAllSubcomponents('vevent')
    const alarms = all.flatMap((event) =>
      event.getAllSubcomponents('valarm').map((alarm) => ({
        uid: String(event.getFirstPropertyValue('uid')),
        on: String(event.getFirstPropertyValue('dtstart')),
        trigger: String(alarm.getFirstPropertyValue('trigger')),
        said: String(alarm.getFirstPropertyValue('description')),
      })),
    )
    expect(all).toHaveLength(events.length + alarms.length)
    const of = (what: string) => alarms.filter(({ uid }) => uid.includes(`.${what}.`))
    expect(of('frost')).toEqual([])
    expect(of('water')[0]).toMatchObject({
      on: '2026-06-18',
      trigger: 'PT7H',
      said: expect.stringMatching(/^Water: .*Pot/),
    })
    expect(of('round')[0]).toMatchObject({ trigger: 'PT18H', said: expect.stringMatching(/^\d+ stops, /) })
    expect(new Set(of('round').map(({ on }) => on)).size).toBe(7)
    const cold = { ...demoState(), now: isoDate('2026-10-08') }
    const nights = calendarFile(cold, WRITTEN, { frost: 16, water: null, round: null })
    expect(nights).toMatch(/SUMMARY:Cover before tonight: /)
    expect(nights).toMatch(/TRIGGER;RELATED=START:PT16H/)
  })
  it('has the same days wherever the server stands', () => {
    const zone = process.env.TZ
    try {
      for (const TZ of ['Pacific/Kiritimati', 'Pacific/Midway', 'UTC']) {
        process.env.TZ = TZ
        expect(calendarFile(demoState(), WRITTEN)).toBe(text)
      }
    } finally {
      process.env.TZ = zone ?? 'UTC'
    }
  })
})

describe('the season as a table', () => {
  it('has a line for each stage of each planting, and disarms what a sheet would take for a formula', () => {
    const state = demoState()
    const [first, ...others] = state.record.cultivars
    const armed = {
      ...state,
      record: { ...state.record, cultivars: [{ ...first!, name: '=1+1' }, ...others] },
    }
    const { data } = parse<Record<string, string>>(seasonCsv(armed), { header: true })
    expect(data).toHaveLength(18 * 14)
    expect(data.some(({ planting }) => planting === "'=1+1")).toBe(true)
    expect(data.find(({ stage, place }) => stage === 'set-out' && place === 'Bed 1')).toMatchObject({
      date: '2026-05-16',
      how: 'logged',
    })
  })
})
