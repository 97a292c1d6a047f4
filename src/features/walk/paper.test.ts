import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/log'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { entriesOnPaper, NOTHING_WRITTEN, type PaperAnswer } from './paper-answers'
import { roundOf } from './queries'

const today = isoDate('2026-06-18')
const round = roundOf(dayOf(demoState(), today))
const stop = (place: string, kind: string) =>
  round.stops.find((one) => one.place === place && one.kind === kind)!
const written = (change: Partial<PaperAnswer>): PaperAnswer => ({
  ...NOTHING_WRITTEN,
  ticked: true,
  ...change,
})
const read = (place: string, kind: string, change: Partial<PaperAnswer> = {}) =>
  entriesOnPaper(stop(place, kind), written(change), round.manner)

describe('what was ticked on paper', () => {
  it('enters the advised number where none was written, and else what was', () => {
    const advised = read('Pot 3', 'water')
    expect(advised).toMatchObject({ entries: [{ kind: 'watered', subject: { id: 'demo-pot-3' } }] })
    expect(read('Pot 3', 'water', { numbers: { litres: '2,5 l' }, note: 'by can' })).toMatchObject({
      entries: [{ data: { litres: 2.5 }, note: 'by can' }],
    })
    expect(read('Pot 3', 'water', { numbers: { litres: 'a lot' } })).toMatchObject({
      problem: expect.stringMatching(/^Amount given: /) as string,
    })
  })
  it('wants the numbers that only the grower knows', () => {
    expect(read('Pot 7', 'pick')).toMatchObject({ problem: expect.stringMatching(/^Weight: /) as string })
    expect(read('Pot 7', 'pick', { numbers: { mass: '300 g' } })).toMatchObject({
      entries: [{ kind: 'picked', data: { mass: 0.3, count: null } }],
    })
  })
  it('leaves plants out by their labels, and refuses labels that are none', () => {
    const one = read('Bed 2', 'tend', { except: '7' })
    if (!('entries' in one)) throw new Error(one.problem)
    expect(one.entries[0]!.data).toMatchObject({ works: ['tie'], except: ['demo-2026-bed-2-1-7'] })
    expect(read('Bed 2', 'tend', { except: '7, 99' })).toEqual({
      problem: 'No plant here is called 99. Use the labels of the plants.',
    })
    expect(read('Bed 2', 'tend', { except: '1 2 3 4 5 6 7 8' })).toEqual({
      problem: 'That leaves no plant. Untick it instead.',
    })
  })
  it('sends what has a screen of its own there', () => {
    expect(read('Bed 4', 'set-out')).toMatchObject({ problem: expect.any(String) as string })
  })
  it('counts feeds in grams whatever is written', () => {
    expect(read('Pot 8', 'feed', { numbers: { grams: '0.02 kg' } })).toMatchObject({
      entries: [{ data: { grams: 20 } }],
    })
  })
})

describe('the sum of a round', () => {
  const sum = (entries: LogEntry[]) => roundOf(dayOf(demoState({ entries }), today)).summary
  const of = (id: string, kind: LogEntry['kind'], data: object, note = '') =>
    potEntry(id, kind, today, { data, note } as Partial<LogEntry>)
  const plain = (lines: readonly string[]) => lines.map((line) => line.replaceAll('\u00a0', ' '))
  it('adds what was done by kind, and tells what was not', () => {
    const { done, putOff, declined, notes, took } = sum([
      of('a', 'picked', { mass: 0.3, count: 2 }),
      of('b', 'picked', { mass: 0.2, count: 1 }),
      of('c', 'tended', { works: ['tie'] }),
      of('d', 'put-off', { call: 'x', until: '2026-06-20' }),
      of('e', 'declined', { call: 'y', why: 'too hot' }, 'too hot'),
      of('f', 'note', {}, 'aphids'),
      of('g', 'timed', { work: 'pick', minutes: 25, usual: 20 }),
    ])
    expect(plain(done)).toEqual(['Picked, 2 times: 500 g, 3 fruit', 'Tied up'])
    expect(putOff).toEqual(['Pot 1, Pocket Thistle: until 20 June'])
    expect(declined).toEqual(['Pot 1, Pocket Thistle: too hot'])
    expect(notes).toEqual(['Pot 1, Pocket Thistle: aphids'])
    expect(plain([took!])).toEqual(['25 min'])
  })
  it('has nothing done on a fresh day, and says what is left', () => {
    const { done, left, took } = round.summary
    expect(done).toEqual([])
    expect(took).toBeNull()
    expect(left).toMatch(/^\d\d stops, /)
  })
})
