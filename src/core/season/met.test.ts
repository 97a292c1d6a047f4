import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate, type IsoDate } from '../calendar'
import { CARRIES, growthFromSize, growthToFlower, leavesOfGrowth, plantTraits, type Carries } from '../crop'
import type { Planting } from '../facts'
import { callsOf } from '../calls'
import { entryOf, sampleGarden, sixSlicers, slicer, withoutCare } from '../../test/sample-garden'
import {
  entriesOfPlant,
  grownAlong,
  growthOfMet,
  isPastItsAge,
  plantCourse,
  seasonOutlook,
  standingSince,
  type Met,
} from '.'

const traits = plantTraits(slicer)
const bought: Planting = { ...sixSlicers, raising: 'bought' }
const setOutData = {
  count: 6,
  method: 'upright',
  school: 'deep',
  stemBuried: 0,
  holeDepth: 0.1,
  leavesStripped: 0,
}
const met = (on: string, data: Partial<Met>) =>
  entryOf('m', 'met', on, { as: 'bought', height: null, leaves: null, carries: 'nothing', ...data })
const since = (on: string) => entryOf('s', 'set-out', on, setOutData)
const outlookOn = (on: string, entries: ReturnType<typeof entryOf>[]) =>
  seasonOutlook(sampleGarden(entries, { plantings: [bought] }), isoDate(on), null)
const ownOn = (...args: Parameters<typeof outlookOn>) => outlookOn(...args).plantings[0]!

describe('the age of a plant by its size', () => {
  const size = fc.record({
    height: fc.option(fc.double({ min: 0.01, max: 3, noNaN: true })),
    leaves: fc.option(fc.integer({ min: 0, max: 40 })),
    carries: fc.constantFrom(...CARRIES),
  })
  it('never falls as it is taller, has more leaves or carries more', () => {
    fc.assert(
      fc.property(
        size,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.nat(9),
        fc.nat(3),
        (one, taller, more, on) => {
          const carries = CARRIES[Math.max(CARRIES.indexOf(one.carries), on)] as Carries
          const other = {
            height: one.height === null ? null : one.height + taller,
            leaves: one.leaves === null ? null : one.leaves + more,
            carries,
          }
          for (const outside of [null, 7])
            expect(growthFromSize(traits, other, outside) ?? 0).toBeGreaterThanOrEqual(
              growthFromSize(traits, one, outside) ?? 0,
            )
        },
      ),
    )
  })
  it('is that of the leaves which it has then', () => {
    for (const leaves of [2, 7, 15])
      expect(
        leavesOfGrowth(traits, growthFromSize(traits, { height: null, leaves, carries: 'nothing' }, null)!),
      ).toBe(leaves)
  })
  it('is at least that of its open flowers, and nothing tells it where nothing was looked at', () => {
    expect(growthFromSize(traits, { height: 0.2, leaves: null, carries: 'flowers' }, null)).toBe(
      growthToFlower(traits),
    )
    expect(growthFromSize(traits, { height: null, leaves: null, carries: 'nothing' }, null)).toBeNull()
    expect(() => growthFromSize(traits, { height: 40, leaves: null, carries: 'nothing' }, null)).toThrow(
      RangeError,
    )
  })
  it('is told by its pot where it was not measured: a larger pot, an older plant', () => {
    const of = (potVolume: number) =>
      growthOfMet({ as: 'bought', height: null, leaves: null, carries: 'nothing', potVolume }, slicer)!
    const pots = [0.04, 0.2, 0.5, 1, 2, 20].map(of)
    expect(pots).toEqual([...pots].sort((a, b) => a - b))
    // 42 days of 8.75 °C d.
    expect(of(0.5)).toBeCloseTo(367.5, 1)
  })
})

describe('bought plants', () => {
  it('are neither sown nor potted up, and are fetched in time to be hardened off', () => {
    const own = ownOn('2026-03-20', [])
    expect(own.dates.sow.date).toBeNull()
    expect(own.dates['pot-up'].date).toBeNull()
    const calls = callsOf(outlookOn(addDays(own.dates.harden.date!, -3), []), withoutCare)
    expect(calls.map(({ kind }) => kind)).toEqual(['get'])
  })
  it('flower the sooner the larger they are', () => {
    const flowers = [5, 8, 11].map(
      (leaves) => ownOn('2026-05-10', [met('2026-05-10', { leaves })]).dates['first-flower'].date!,
    )
    expect([...flowers].reverse()).toEqual([...flowers].sort())
    expect(daysBetween(flowers[2]!, flowers[0]!)).toBeGreaterThan(6)
  })
  it('bring the leaves and the flowers with which they came', () => {
    const entries = [met('2026-05-20', { leaves: 10, height: 0.35, carries: 'flowers' })]
    const outlook = outlookOn('2026-05-20', entries)
    const own = outlook.plantings[0]!
    const plant = grownAlong(plantCourse(own, entriesOfPlant(outlook, 'x', 'a'), outlook.today), traits)
    expect(plant.misfits).toEqual([])
    expect(plant.height).toBeCloseTo(0.35, 2)
    expect(plant.stems[0]!.nodes.some(({ truss }) => truss?.state === 'open')).toBe(true)
    expect(own.dates['first-flower'].date).toBe('2026-05-20')
  })
  it('are called to harden off and to set out, and nothing before it is late', () => {
    const calls = callsOf(outlookOn('2026-05-20', [met('2026-05-18', { potVolume: 0.5 })]), withoutCare)
    expect(calls.map(({ kind }) => kind)).toContain('harden')
    expect(calls.filter(({ urgency, kind }) => urgency === 'late' && kind !== 'harden')).toEqual([])
  })
})

describe('plants that grow already', () => {
  const growing = (data: Partial<Met>) => [since('2026-05-20'), met('2026-07-10', { as: 'growing', ...data })]
  it('stand since they were set out, and carry what they carried', () => {
    const own = ownOn('2026-07-10', growing({ height: 0.9, carries: 'green' }))
    expect(own.stands).toEqual({ from: '2026-05-20', to: null })
    const { 'first-flower': flower, 'first-ripe': ripe } = own.dates
    expect(flower.date! < '2026-07-10').toBe(true)
    expect(ripe.date! > '2026-07-10' && ripe.date! < '2026-09-01').toBe(true)
    expect(ownOn('2026-07-10', growing({ carries: 'ripe' })).dates['first-ripe'].date).toBe('2026-07-10')
  })
  it('have the height and the fruit that were seen', () => {
    for (const carries of CARRIES) {
      const outlook = outlookOn('2026-07-10', growing({ height: 0.8, carries }))
      const own = outlook.plantings[0]!
      const plant = grownAlong(plantCourse(own, entriesOfPlant(outlook, 'x', 'a'), outlook.today), traits)
      expect(plant.misfits).toEqual([])
      expect(plant.height).toBeCloseTo(0.8, 2)
      const first = plant.stems[0]!.nodes.find(({ truss }) => truss !== null)?.truss
      const states = { nothing: 'buds', flowers: 'open', green: 'swelling', ripe: 'ripe' } as const
      expect(first?.state ?? 'buds').toBe(states[carries])
    }
  })
  it('are as far on as they were found, whenever they were set out', () => {
    const grown = (height: number) => ownOn('2026-07-10', growing({ height })).grownFor!
    expect(grown(1.4)).toBeGreaterThan(grown(0.6) + 100)
    const small = ownOn('2026-07-10', [
      ...growing({ height: 0.6 }),
      entryOf('t', 'set-out', '2026-05-01', setOutData),
    ])
    expect(small.grownFor).toBeCloseTo(grown(0.6), 6)
  })
  it('are asked nothing that lies behind them', () => {
    const calls = callsOf(outlookOn('2026-07-10', growing({ height: 0.9, carries: 'green' })), withoutCare)
    expect(calls.filter(({ urgency }) => urgency === 'late')).toEqual([])
    const before = [
      'sow',
      'get',
      'look-for-loops',
      'pot-up',
      'harden',
      'read-soil',
      'set-out',
      'look-for-flowers',
    ]
    expect(calls.filter(({ kind }) => before.includes(kind))).toEqual([])
  })
  it('have stood so long as a usual plant took to be there', () => {
    const { air } = outlookOn('2026-07-10', []).line
    const [opens, on] = ['2026-05-20' as IsoDate, '2026-07-10' as IsoDate]
    const by = (growth: number | null) => daysBetween(standingSince(growth, slicer, air, { opens, on }), on)
    expect(by(null)).toBe(30)
    expect(by(100)).toBe(0)
    expect(by(700)).toBeGreaterThan(by(500))
    // However large they are, nothing stood outside in the winter.
    expect(by(5000)).toBe(daysBetween(opens, on))
    expect(isPastItsAge(2000, slicer, air, { since: addDays(on, -10), on })).toBe(true)
    expect(isPastItsAge(500, slicer, air, { since: addDays(on, -30), on })).toBe(false)
  })
})
