import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import { holdsOn, plainPlace, surroundingsOf } from '.'
import { effectiveEntries } from '../entry'
import { ofKind, type LogEntry } from '../log'

const place = (kind: 'bed' | 'container' | 'tunnel', length = 3, width = 1.2) =>
  plainPlace({ id: 'p', name: 'P', kind, length, width })

describe('a place', () => {
  it('lies along its longer side, however it was measured', () => {
    expect(place('bed', 1.2, 3)).toEqual(place('bed', 3, 1.2))
  })
  it('is reached from its long sides, a pot from all', () => {
    expect(place('bed').openSides).toEqual(['north', 'south'])
    expect(place('container').openSides).toHaveLength(4)
  })
  it('warms its soil as what it is', () => {
    expect(surroundingsOf(place('bed'))).toEqual({ body: 'ground', mulch: 'bare', underCover: false })
    expect(surroundingsOf({ ...place('bed'), raised: true }).body).toBe('raised')
    expect(surroundingsOf(place('container')).body).toBe('container')
    expect(surroundingsOf(place('tunnel')).underCover).toBe(true)
  })
  it('holds between its dates, both included', () => {
    const [from, to] = [isoDate('2026-05-01'), isoDate('2026-06-01')]
    expect(holdsOn({ from, to }, from) && holdsOn({ from, to }, to)).toBe(true)
    expect(holdsOn({ from, to }, isoDate('2026-06-02'))).toBe(false)
    expect(holdsOn({ from: null, to: null }, from)).toBe(true)
  })
})

describe('the log', () => {
  const entry = (id: string, kind: LogEntry['kind'], on: string, voids: string | null = null) =>
    ({
      id,
      kind,
      on,
      at: `${on}T07:00:00.000Z`,
      subject: { type: 'garden', id: 'g' },
      data: {},
      note: '',
      voids,
    }) as LogEntry
  const log = [
    entry('c', 'note', '2026-06-03'),
    entry('a', 'flowered', '2026-06-01'),
    entry('b', 'note', '2026-06-02'),
  ]
  it('counts what is not taken back and not of a later day, oldest first', () => {
    expect(effectiveEntries(log, isoDate('2026-06-02')).map(({ id }) => id)).toEqual(['a', 'b'])
    const taken = [...log, entry('d', 'void', '2026-06-02', 'b')]
    expect(effectiveEntries(taken, isoDate('2026-06-09')).map(({ id }) => id)).toEqual(['a', 'c'])
    expect(ofKind(log, 'note').map(({ id }) => id)).toEqual(['c', 'b'])
  })
})
