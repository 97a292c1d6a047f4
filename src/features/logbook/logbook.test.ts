import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { ENTRY_KINDS, type LogEntry } from '../../core/log'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { readLogCsv } from '../../data/log-reading'
import { filterOf, misreadDays, queryOf } from './filter'
import { logCsv } from './log-csv'
import { foundEntries, logbookView } from './queries'

/** The filter of an address, in the demo garden. */
const asking = (asked: Parameters<typeof filterOf>[0]) => filterOf(asked, demoState())
const all = asking({})
const today = isoDate('2026-06-18')
const state = demoState({
  entries: [
    potEntry('a', 'picked', today, {
      data: { mass: 1.2, count: 9 },
      note: 'first of the year',
    } as Partial<LogEntry>),
    potEntry('b', 'note', today, { note: 'wrong pot' }),
    potEntry('c', 'void', today, { voids: 'b' }),
  ],
})
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('a filter', () => {
  it('goes through an address and back; what is unsound in it is not asked', () => {
    const filter = asking({
      place: 'p',
      plant: 'p1',
      kind: 'picked',
      from: '2026-05-01',
      to: '2026-06-01',
      words: 'red',
      taken: '1',
    })
    expect(asking(Object.fromEntries(new URLSearchParams(queryOf(filter))))).toEqual(filter)
    // A day is asked for as one says it: the demo garden's clock stands on 18 June.
    expect(asking({ from: 'yesterday', to: '18 June' })).toMatchObject({
      from: '2026-06-17',
      to: '2026-06-18',
    })
    expect(asking({ kind: 'eaten', from: '2026-02-31', to: ['x', 'y'], words: ' ' })).toEqual(all)
    expect(misreadDays({ from: '31 June', to: 'yesterday' }, demoState())).toEqual({ from: '31 June' })
    expect(misreadDays({ from: ['a', 'b'], to: ' ' }, demoState())).toEqual({})
    expect(queryOf(all)).toBe('')
  })
})

describe('one plant’s entries', () => {
  const plant = 'demo-2026-bed-2-1-7'
  const found = (entries: LogEntry[]) =>
    foundEntries(demoState({ entries }), asking({ plant, from: '2026-06-18' })).map(({ entry }) => entry.id)
  const of = (id: string, kind: LogEntry['kind'], data: object) =>
    potEntry(id, kind, today, {
      subject: { type: 'planting', id: 'demo-2026-bed-2-1' },
      data,
    } as Partial<LogEntry>)
  it('are its own and its planting’s, less those that leave it out or name another', () => {
    expect(
      found([
        of('tied', 'tended', { works: ['tie'] }),
        of('passed', 'tended', { works: ['tie'], except: [plant] }),
        of('mine', 'picked', { mass: 1, count: null, plant }),
        of('other', 'picked', { mass: 1, count: null, plant: 'demo-2026-bed-2-1-1' }),
        potEntry('own', 'note', today, { subject: { type: 'plant', id: plant } }),
        potEntry('pot', 'note', today),
      ]).sort(),
    ).toEqual(['mine', 'own', 'tied'])
  })
  it('are offered for the place that is asked for', () => {
    const { plants } = logbookView(state, asking({ place: 'demo-bed-2' }), 1)
    expect(plants.slice(0, 2).map(({ name }) => name)).toEqual(['Old Harrow 1, 2026', 'Old Harrow 2, 2026'])
    expect(logbookView(state, all, 1).plants).toEqual([])
  })
})

describe('the logbook', () => {
  it('shows what counts, the last first, in words with numbers', () => {
    const { lines, found, pages } = logbookView(state, all, 1)
    expect(found).toBe(state.record.entries.length - 2)
    expect(pages).toBe(Math.ceil(found / lines.length))
    expect(plain(lines[0]!.said)).toBe('picked: 1.2 kg, 9 fruit')
    expect(lines[0]).toMatchObject({
      about: 'Pot 1, Pocket Thistle',
      note: 'first of the year',
      taken: false,
    })
    for (let index = 1; index < lines.length; index++)
      expect(lines[index]!.on <= lines[index - 1]!.on).toBe(true)
  })
  it('says every kind that the demo garden holds', () => {
    for (const { said } of Array.from(
      { length: 9 },
      (_, page) => logbookView(state, all, page + 1).lines,
    ).flat())
      expect(said).not.toMatch(/undefined|NaN|null|: $/)
  })
  it('finds by place, kind, days and words, and what was taken back when asked', () => {
    const ids = (asked: Record<string, string>) =>
      foundEntries(state, asking(asked)).map(({ entry }) => entry.id)
    expect(ids({ kind: 'picked', from: today })).toEqual(['a'])
    expect(ids({ place: 'demo-pot-1', words: 'FIRST of' })).toEqual(['a'])
    expect(ids({ words: 'wrong pot' })).toEqual([])
    expect(ids({ words: 'wrong pot', taken: '1' })).toEqual(['b'])
    const fed = foundEntries(state, asking({ place: 'demo-bed-5', kind: 'fed' }))
    expect(fed).toHaveLength(3)
    expect(fed.every(({ entry }) => entry.subject.id === 'demo-bed-5')).toBe(true)
  })
  it('keeps to its pages', () => {
    expect(logbookView(state, all, 10_000).page).toBe(logbookView(state, all, 1).pages)
    expect(logbookView(state, all, -3).page).toBe(1)
    expect(logbookView(demoState({ empty: true }), asking({ words: 'nothing like it' }), 1).lines).toEqual([])
  })
})

describe('a logbook’s CSV', () => {
  it('comes back the same, whatever it holds', () => {
    const { entries, faults } = readLogCsv(logCsv(state, null))
    expect(faults).toEqual([])
    expect(entries.map(({ entry }) => entry)).toEqual(state.record.entries)
  })
  it('comes back the same whatever the note', () => {
    fc.assert(
      fc.property(
        fc.string({
          unit: fc.constantFrom('=', "'", '+', '-', '@', '"', ',', '\n', '\t', 'a', 'ü', ' ', '🌶'),
        }),
        (note) => {
          const own = demoState({ entries: [potEntry('n', 'note', today, { note })] })
          expect(readLogCsv(logCsv(own, asking({ kind: 'note', from: today }))).entries[0]!.entry.note).toBe(
            note,
          )
        },
      ),
      { numRuns: 60 },
    )
  })
  it('gives a sheet no formula to run', () => {
    const own = demoState({ entries: [potEntry('n', 'note', today, { note: '=HYPERLINK("x")' })] })
    expect(logCsv(own, asking({ kind: 'note' }))).toContain('"\'=HYPERLINK(""x"")"')
  })
  it('tells each line that is none, by its number', () => {
    const lines = logCsv(state, asking({ kind: 'picked' })).split('\r\n')
    const broken = [
      lines[0],
      lines[1],
      lines[2]!.replace(',picked,', ',eaten,'),
      lines[3]!.replace('{', ''),
      lines[4]!.replace(/20\d\d-\d\d-\d\d/, '2026-02-31'),
    ].join('\r\n')
    const { entries, faults } = readLogCsv(broken)
    expect(entries.map(({ line }) => line)).toEqual([2])
    expect(faults.map(({ line }) => line)).toEqual([3, 4, 5])
    expect(faults.map(({ kind }) => kind)).toEqual(['field', 'data', 'field'])
    expect(readLogCsv('a,b\n1,2').faults[0]).toMatchObject({ line: 1, kind: 'columns' })
    expect(readLogCsv('').faults).toHaveLength(1)
  })
  it('has a word for each kind', () => {
    expect(logbookView(state, all, 1).kinds.map(({ id }) => id)).toEqual(
      ENTRY_KINDS.filter((kind) => kind !== 'void'),
    )
  })
})
