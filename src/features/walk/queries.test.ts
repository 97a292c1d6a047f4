import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { entrySchema } from '../../data/records/entry-schema'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { sayMeasure } from '../../wording/say'
import { roundOf } from './queries'
import { tendingEntries } from './tending-entries'

const today = isoDate('2026-06-18')
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('the round', () => {
  const round = roundOf(dayOf(demoState(), today))

  it('counts its stops and minutes, and what to carry', () => {
    expect(round.heading).toMatch(/^\d\d stops, /)
    expect(round.carry).toContain('trowel')
    expect(round.stops.find(({ kind }) => kind === 'set-out')).toMatchObject({
      kind: 'set-out',
      place: 'Bed 4',
      act: { type: 'open', href: '/plantings/demo-2026-bed-4-1/set-out' },
    })
  })
  it('gives every stop an answer, the reason that decided it, and a picture', () => {
    for (const stop of [...round.stops, ...round.coming]) {
      expect(stop.title).not.toBe('')
      expect(stop.reasons.map(({ text }) => text)).toContain(stop.deciding)
      expect(stop.picture.type).toMatch(/plan|tray|hardening|probe|water|look/)
      expect(stop.minutes).toMatch(/\d/)
    }
  })
  it('shows a pot’s water as its reason says it, in litres, and ground’s as a depth', () => {
    const waters = round.stops.filter(({ kind }) => kind === 'water')
    const told = waters.map(({ picture }) => (picture.type === 'water' ? picture : null)!)
    expect(new Set(told.map(({ isPot, short }) => `${isPot} ${short.kind}`))).toEqual(
      new Set(['true volume', 'false water-depth']),
    )
    for (const [at, { left, slows, short, limit }] of told.entries()) {
      expect(left).toBeGreaterThanOrEqual(0)
      expect(slows).toBeLessThan(1)
      expect(waters[at]!.deciding).toContain(sayMeasure(short, round.manner))
      expect(waters[at]!.deciding).toContain(sayMeasure(limit, round.manner))
      // Lower than the line is shorter than the limit.
      expect(left < slows).toBe(Number(short.value) > Number(limit.value))
    }
  })
  it('enters only what the log takes', () => {
    for (const stop of [...round.stops, ...round.coming]) {
      if (stop.act.type === 'open' || stop.act.type === 'ask') continue
      const drafts =
        stop.act.type === 'tend'
          ? tendingEntries(stop.subject, stop.act, [])
          : [{ subject: stop.entrySubject, kind: stop.act.kind, data: stop.act.data }]
      expect(drafts.length).toBeGreaterThan(0)
      for (const draft of drafts) {
        const entry = { ...draft, id: 'e', on: today, at: '2026-06-18T09:00:00.000Z', note: '', voids: null }
        expect(() => entrySchema.validateSync(entry)).not.toThrow()
      }
      if (stop.act.type === 'tend') continue
      for (const field of stop.act.fields) expect(stop.act.data).toHaveProperty(field.name)
    }
  })
  it('leaves plants out of what was done, and enters nothing where all were left out', () => {
    const stop = round.stops.find(({ place, kind }) => place === 'Bed 2' && kind === 'tend')!
    if (stop.act.type !== 'tend') throw new Error('Bed 2 is tended')
    const { plants, alike } = stop.act
    const [works, ...cuts] = tendingEntries(stop.subject, stop.act, [plants[6]!.id])
    expect(works!.data).toEqual({ works: ['tie'], except: [plants[6]!.id] })
    // Plant 7 was passed over before and is cut otherwise: of the two kinds of plants one is left.
    expect(alike).toHaveLength(2)
    expect(cuts.map(({ data }) => data)).toEqual([{ cuts: alike[0]!.cuts, except: [plants[6]!.id] }])
    expect(
      tendingEntries(
        stop.subject,
        stop.act,
        plants.map(({ id }) => id),
      ),
    ).toEqual([])
  })
  it('lists what was entered for the day, with its note', () => {
    const entered = roundOf(
      dayOf(demoState({ entries: [potEntry('x', 'flowered', today, { note: 'at last' })] }), today),
    )
    expect(entered.done.map(({ text }) => text)).toEqual([
      'Pot 1, Pocket Thistle: first flower open (at last)',
    ])
    const asks = (one: typeof round) =>
      one.stops.filter(({ kind, place }) => kind === 'look-for-flowers' && place === 'Pot 1').length
    expect([asks(round), asks(entered)]).toEqual([1, 0])
  })
  it('is worked out once for a garden as it is', () => {
    const state = demoState()
    expect(roundOf(dayOf(state, today))).toBe(roundOf(dayOf(state, today)))
    // Worked out once, it is still that of its own garden: another one with one entry more asks for less.
    const entered = demoState({ entries: [potEntry('x', 'flowered', today, {})] })
    const titles = (of: typeof state) => roundOf(dayOf(of, today)).stops.map(({ call }) => call)
    expect(titles(state).filter((call) => !titles(entered).includes(call))).toHaveLength(1)
  })
  it('tells seven days: forecast near, usual far', () => {
    expect(round.days.map(({ name }) => name)).toEqual([
      'Today',
      'Fri 19',
      'Sat 20',
      'Sun 21',
      'Mon 22',
      'Tue 23',
      'Wed 24',
    ])
    expect(round.days.every(({ usual }) => !usual)).toBe(true)
    expect(
      roundOf(dayOf(demoState(), isoDate('2026-07-10'))).days.every(
        ({ usual, note }) => usual && note === 'usual',
      ),
    ).toBe(true)
  })
  it('speaks the garden’s units', () => {
    const us = roundOf(dayOf(demoState({ garden: { units: 'us', dates: 'month-first' } }), today))
    const words = [...us.stops, ...us.coming].flatMap(({ title, deciding }) => [title, deciding]).join(' ')
    expect(plain(words)).toMatch(/°F/)
    expect(plain(words)).not.toMatch(/°C| cm/)
  })
  it('has a first answer where nothing is planned', () => {
    const { firstAnswer, stops } = roundOf(dayOf(demoState({ empty: true }), isoDate('2026-03-01')))
    expect(stops).toEqual([])
    expect(firstAnswer!.headline).toMatch(
      /^Sow tomatoes about \d+ (March|April), plant them out about \d+ (May|June)\.$/,
    )
    expect(firstAnswer!.crops.map(({ crop }) => crop)).toEqual(['Tomato', 'Pepper'])
    expect(round.firstAnswer).toBeNull()
  })
  it.each([
    ['2026-06-18', /^Buy young tomato plants and plant them out by \d+ (July|August)\./],
    ['2026-11-28', /^For 2027: sow tomatoes about \d+ (March|April), plant them out about \d+ (May|June)\.$/],
  ])('has the answer that still helps on %s', (on, headline) => {
    expect(roundOf(dayOf(demoState({ empty: true }), isoDate(on))).firstAnswer!.headline).toMatch(headline)
  })
  it('speaks of the season to come once this one is behind, and offers what was grown', () => {
    const { firstAnswer } = roundOf(dayOf(demoState(), isoDate('2026-11-28')))
    expect(firstAnswer).toMatchObject({ season: 2027, again: 2026 })
  })
  it('ends with nothing due, and says so', () => {
    const winter = roundOf(dayOf(demoState({ empty: true }), isoDate('2026-12-01')))
    expect(winter.heading).toBe('Nothing to do today')
    expect(winter.carry).toBe('')
    expect(winter.done).toEqual([])
  })
})
