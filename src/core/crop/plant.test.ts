import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { growPlant, nodeHeight, plantTraits, type Cultivar, type GrowthDay, type PlantEvent } from '.'

const cultivar = (change: Partial<Cultivar> = {}): Cultivar => ({
  crop: 'tomato',
  habit: 'indeterminate',
  fruit: 'slicer',
  origin: 'hybrid',
  daysToMaturity: null,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
  ...change,
})
const bush = cultivar({ habit: 'determinate', fruit: 'paste' })
const pepper = cultivar({ crop: 'pepper', habit: null, fruit: 'bell' })
/** So many days at a constant 20 °C: 10 °C d each, warm enough for fruit to set. */
const steady = (count: number): GrowthDay[] =>
  Array.from({ length: count }, () => ({ degreeDays: 10, tmin: 17, tmax: 24 }))
const grow = (of: Cultivar, count: number, events: PlantEvent[] = []) =>
  growPlant(plantTraits(of), steady(count), events, null)

describe('a plant grown by degree-days', () => {
  it('makes a leaf every 2.8 days at 20 °C, nine of them under the first truss of a slicer, and three between', () => {
    const { stems } = grow(cultivar(), 100)
    // From 60 °C d on, one every 28: (1000 − 60) / 28, and the first.
    expect(stems[0]!.nodes).toHaveLength(34)
    const trusses = stems[0]!.nodes.flatMap(({ truss }, node) => (truss ? [node] : []))
    expect(trusses.slice(0, 4)).toEqual([8, 11, 14, 17])
  })
  it('ripens the first truss 56 days after it opened', () => {
    // Node 9 comes at 60 + 8 × 28 = 284, opens at 484 and is ripe at 484 + 560 = 1044 °C d.
    const first = (count: number) => grow(cultivar(), count).stems[0]!.nodes[8]!.truss!.state
    expect(first(48)).toBe('buds')
    expect(first(50)).toBe('open')
    expect(first(60)).toBe('swelling')
    expect(first(104)).toBe('swelling')
    expect(first(105)).toBe('ripe')
  })
  it('ends a bush stem in its fourth truss, and goes on with side shoots', () => {
    const { stems } = grow(bush, 120)
    expect(stems[0]!.ended).toBe('truss')
    expect(stems[0]!.nodes.filter(({ truss }) => truss)).toHaveLength(4)
    expect(stems.length).toBeGreaterThan(4)
  })
  it('forks a pepper over nine leaves into two shoots that flower at each node', () => {
    const { stems } = grow(pepper, 110)
    expect(stems[0]).toMatchObject({ ended: 'fork' })
    expect(stems[0]!.nodes).toHaveLength(9)
    expect(stems.filter(({ parent }) => parent === 0)).toHaveLength(2)
    expect(stems[1]!.nodes.every(({ truss }) => truss !== null)).toBe(true)
  })
  it('stands still for 70 °C d when it is set out', () => {
    const still = growPlant(plantTraits(cultivar()), steady(60), [], {
      day: 30,
      stemBuried: 0.1,
      leavesStripped: 2,
    })
    const free = grow(cultivar(), 53)
    expect(still.stems[0]!.nodes.length).toBe(free.stems[0]!.nodes.length)
    // Ten centimetres of it are under the soil, and what grew under cover is shorter.
    expect(still.height).toBeLessThan(free.height - 0.1)
    // Three of its nodes are 9.5 cm up the stem: under the soil they keep no leaf.
    expect(still.stems[0]!.nodes.slice(0, 4).map(({ leaf }) => leaf.state)).toEqual([
      'removed',
      'removed',
      'removed',
      'grown',
    ])
  })
  it('sets nothing in heat: the truss fails', () => {
    const hot = steady(60).map((day) => ({ ...day, tmin: 28, tmax: 41 }))
    expect(growPlant(plantTraits(cultivar()), hot, [], null).stems[0]!.nodes[8]!.truss!.state).toBe('failed')
  })
  it('loses what is cut, keeps its numbers, and tells what fits nowhere', () => {
    const whole = grow(cultivar(), 80)
    const node = whole.stems[1]!.fromNode!
    const cuts = [
      { stem: 0, node, organ: 'sucker' as const },
      { stem: 0, node: 0, organ: 'leaf' as const },
      { stem: 0, node: 90, organ: 'truss' as const },
    ]
    const less = grow(cultivar(), 80, [{ day: 79, cuts }])
    expect(less.stems).toHaveLength(whole.stems.length)
    expect(less.stems[1]).toMatchObject({ ended: 'removed', nodes: [] })
    expect(less.stems[0]!.nodes[0]!.leaf).toEqual({ state: 'removed', area: 0 })
    expect(less.leafArea).toBeLessThan(whole.leafArea)
    expect(less.misfits).toEqual([cuts[2]])
    const early = grow(cultivar(), 80, [{ day: 1, cuts: [cuts[0]!] }])
    expect(early.stems[0]!.nodes[node]!.sucker).toEqual({ state: 'removed', length: 0, stem: null })
  })
  it('grows no further where it is topped', () => {
    const topped = grow(cultivar(), 100, [{ day: 50, cuts: [{ stem: 0, node: 0, organ: 'tip' }] }])
    expect(topped.stems[0]!.ended).toBe('topped')
    expect(topped.stems[0]!.nodes).toHaveLength(grow(cultivar(), 51).stems[0]!.nodes.length)
  })
  it('never shrinks by itself, whatever the weather', () => {
    const anyDays = fc.array(
      fc.record({
        degreeDays: fc.double({ min: 0, max: 20, noNaN: true }),
        tmin: fc.double({ min: 0, max: 30, noNaN: true }),
        tmax: fc.double({ min: 10, max: 42, noNaN: true }),
      }),
      { minLength: 1, maxLength: 120 },
    )
    fc.assert(
      fc.property(fc.constantFrom(cultivar(), bush, pepper), anyDays, (of, days) => {
        const grown = (count: number) => growPlant(plantTraits(of), days.slice(0, count), [], null)
        const [before, after] = [grown(days.length - 1), grown(days.length)]
        expect(after.height).toBeGreaterThanOrEqual(before.height - 1e-9)
        expect(after.stems.length).toBeGreaterThanOrEqual(before.stems.length)
        after.stems.forEach((stem, number) => {
          if (stem.parent !== null) expect(stem.parent).toBeLessThan(number)
          stem.nodes.forEach((_, node) =>
            expect(nodeHeight(after, number, node)).toBeLessThanOrEqual(after.height + 1e-9),
          )
        })
      }),
      { numRuns: 60 },
    )
  })
  it('follows the leaves that were counted and the height that was measured', () => {
    const seen = (leaves: number | null, height: number | null) =>
      grow(cultivar(), 80, [{ day: 60, leaves, height }])
    const grown = grow(cultivar(), 80)
    const atDay60 = grow(cultivar(), 61).stems[0]!.nodes.length
    // Five leaves fewer were there on day 60 than the weather says: five fewer on day 80.
    expect(seen(atDay60 - 5, null).stems[0]!.nodes.length).toBeCloseTo(grown.stems[0]!.nodes.length - 5, -0.1)
    expect(seen(atDay60 + 5, null).stems[0]!.nodes.length).toBeGreaterThan(grown.stems[0]!.nodes.length + 3)
    const half = grow(cultivar(), 61).height / 2
    expect(seen(null, half).height).toBeCloseTo(grown.height / 2, 6)
    expect(seen(null, half).leafArea).toBeCloseTo(grown.leafArea, 9)
    expect(seen(null, 0).height).toBeGreaterThan(0)
  })
  it('refuses days that are none', () => {
    expect(() => growPlant(plantTraits(bush), [{ degreeDays: NaN, tmin: 1, tmax: 2 }], [], null)).toThrow(
      /degreeDays/,
    )
  })
})
