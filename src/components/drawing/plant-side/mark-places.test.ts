import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { markPlaces } from './mark-places'

const room = { column: 0.5, top: 2, gap: 0.08 }

describe('the numbers of marks', () => {
  it('stand level with their parts where there is room, each on its side', () => {
    expect(
      markPlaces(
        [
          { x: 0.1, y: 0.4 },
          { x: -0.1, y: 1.2 },
        ],
        room,
      ),
    ).toEqual([
      { x: 0.5, y: 0.4 },
      { x: -0.5, y: 1.2 },
    ])
  })
  it('never overlap, stay in the picture, and keep the order of their parts', () => {
    const part = fc.record({
      x: fc.double({ min: -0.4, max: 0.4, noNaN: true }),
      y: fc.double({ min: 0, max: 2, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(part, { maxLength: 40 }), (parts) => {
        const places = markPlaces(parts, room)
        places.forEach((one, at) => {
          expect(one.y).toBeLessThanOrEqual(room.top + 1e-9)
          places.slice(at + 1).forEach((other, after) => {
            if (one.x !== other.x) return
            expect(Math.abs(one.y - other.y)).toBeGreaterThanOrEqual(room.gap - 1e-9)
            const [first, second] = [parts[at]!, parts[at + 1 + after]!]
            if (Math.abs(first.y - second.y) > room.gap)
              expect(Math.sign(one.y - other.y)).toBe(Math.sign(first.y - second.y))
          })
        })
      }),
      { numRuns: 200 },
    )
  })
})
