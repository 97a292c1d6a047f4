import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate } from '../calendar'
import { indexOf } from '../climate'
import { entryOf, sampleGarden } from '../../test/sample-garden'
import { seasonOutlook } from '.'

const today = isoDate('2026-06-10')
const planted = [entryOf('s', 'sown', '2026-03-30', { seeds: 11 }), entryOf('o', 'set-out', '2026-05-12')]
const outlookWith = (evenings: string[]) =>
  seasonOutlook(
    sampleGarden([
      ...planted,
      ...evenings.map((on, index) => entryOf(`c${index}`, 'covered', on, { nightLow: 3 })),
    ]),
    today,
    null,
  )

describe('a planting that was covered for the night', () => {
  const evenings = Array.from({ length: 10 }, (_, day) => addDays(isoDate('2026-05-13'), day))
  const [bare, covered] = [outlookWith([]), outlookWith(evenings)].map(({ plantings }) => plantings[0]!)
  it('meets that night two degrees warmer, which is told of the next morning, and no other', () => {
    const at = indexOf(bare!.air, evenings[0]!)
    for (const day of [0, 1, 5, 10, 11])
      expect(covered!.air.tmin[at + day]! - bare!.air.tmin[at + day]!, `day ${day}`).toBeCloseTo(
        day === 0 || day === 11 ? 0 : 2,
        9,
      )
    expect(covered!.air.tmax).toEqual(bare!.air.tmax)
  })
  it('has grown by what the warmer nights gave, and comes no later', () => {
    const gained = covered!.grownFor! - bare!.grownFor!
    // Ten nights of two degrees more, in half of each day at the most.
    expect(gained).toBeGreaterThan(1)
    expect(gained).toBeLessThan(20)
    expect(
      daysBetween(bare!.dates['first-ripe'].date!, covered!.dates['first-ripe'].date!),
    ).toBeLessThanOrEqual(0)
  })
})
