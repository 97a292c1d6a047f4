import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { potVolume } from '../containers'
import { plainPlace, potOf, type Place } from '../facts'
import { boundsOf, likePlace, newPlaces, roomFor, type Lying, type NewPlaces } from '.'

const bed = (id: string, x: number, y: number, length = 3, width = 1.2): Place => ({
  ...plainPlace({ id, name: `Bed ${id}`, kind: 'bed', length, width }),
  ...{ x, y },
})
const ids = (many: number) => Array.from({ length: many }, (_, at) => `n${at}`)
const apart = (one: Lying, other: Lying) => {
  const [a, b] = [boundsOf([one]), boundsOf([other])]
  return Math.max(b.west - a.east, a.west - b.east, b.south - a.north, a.south - b.north)
}
const pots: NewPlaces = { kind: 'container', many: 4, name: 'Pot', length: null, width: null, litres: 40 }

describe('new places', () => {
  it('overlap nothing, wherever what is there lies and however it is turned', () => {
    const lying = fc.record({
      x: fc.double({ min: -20, max: 20, noNaN: true }),
      y: fc.double({ min: -20, max: 20, noNaN: true }),
      length: fc.double({ min: 0.2, max: 12, noNaN: true }),
      width: fc.double({ min: 0.2, max: 3, noNaN: true }),
      turn: fc.integer({ min: -90, max: 90 }),
    })
    fc.assert(
      fc.property(
        fc.array(lying, { maxLength: 8 }),
        lying,
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (there, size, gap) => {
          const { length, width } = size
          const laid = { length, width, turn: 0, ...roomFor(size, there, gap) }
          for (const one of there) expect(apart(laid, one)).toBeGreaterThanOrEqual(gap - 0.002)
        },
      ),
    )
  })
  it('fill the ground that is shown before they widen it', () => {
    const there = [bed('1', 0, 0), bed('2', 0, 1.8)]
    for (const { x, y, length, width } of newPlaces(pots, there, [], ids(4))) {
      expect(x + length).toBeLessThanOrEqual(8)
      expect(y + width).toBeLessThanOrEqual(6)
    }
  })
  it('are numbered on, one alone has its name', () => {
    const names = (change: Partial<NewPlaces>, there: Place[]) =>
      newPlaces({ ...pots, ...change }, there, [], ids(change.many ?? 4)).map(({ name }) => name)
    expect(names({}, [])).toEqual(['Pot 1', 'Pot 2', 'Pot 3', 'Pot 4'])
    const second = { ...bed('x', 0, 0), name: 'Pot 2' }
    expect(names({ many: 2 }, [second])).toEqual(['Pot 1', 'Pot 3'])
    expect(names({ many: 1, name: 'Tub' }, [])).toEqual(['Tub'])
    expect(names({ many: 1, name: 'Pot 2' }, [second])).toEqual(['Pot 1'])
  })
  it('hold what was said of a pot: to its rim, whatever it is across', () => {
    for (const length of [null, 0.32, 0.5]) {
      const [pot] = newPlaces({ ...pots, many: 1, length }, [], [], ids(1))
      expect(potVolume(potOf(pot!)!).brim).toBeCloseTo(40, 0)
      if (length !== null) expect(pot!.length).toBe(length)
    }
    expect(() => newPlaces({ ...pots, litres: 4000 }, [], [], ids(4))).toThrow(RangeError)
    // A pot of 200 L that is 10 cm across would be a pipe.
    expect(() => newPlaces({ ...pots, litres: 200, length: 0.1 }, [], [], ids(4))).toThrow(RangeError)
  })
  it('can be made like one that is there', () => {
    const first = { ...bed('1', 0, 0), name: 'Tub 1', mulch: 'straw' as const, turn: 30 }
    const made = likePlace(first, 3, [first], [], ids(3))
    expect(made.map(({ name }) => name)).toEqual(['Tub 2', 'Tub 3', 'Tub 4'])
    for (const [at, one] of made.entries()) {
      expect(one).toMatchObject({ mulch: 'straw', turn: 0, length: 3 })
      for (const other of [first, ...made.slice(0, at)]) expect(apart(one, other)).toBeGreaterThan(0.5)
    }
  })
})
