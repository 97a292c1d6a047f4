import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  growPlant,
  growthDay,
  hangingTrusses,
  nodeHeight,
  plantTraits,
  transplantCheck,
  raisedDay,
  USUAL_VINE,
  type Cultivar,
  type GrowthDay,
  type PartState,
  type PlantEvent,
} from '.'

const cultivar = (change: Partial<Cultivar> = {}): Cultivar => ({ ...USUAL_VINE, ...change })
const bush = cultivar({ habit: 'determinate', fruit: 'paste' })
const pepper = cultivar({ crop: 'pepper', habit: null, fruit: 'bell' })
/** So many days at a constant 20 °C: 14 °C d each for a tomato, 10 for a pepper, warm enough for fruit to set. */
const steady = (count: number, degreeDays = 14): GrowthDay[] =>
  Array.from({ length: count }, () => ({ degreeDays, tmin: 17, tmax: 24 }))
const grow = (of: Cultivar, count: number, events: PlantEvent[] = []) =>
  growPlant(plantTraits(of), steady(count, of.crop === 'tomato' ? 14 : 10), events)

describe('a plant grown by degree-days', () => {
  it('makes a leaf every 2.3 days at 20 °C, nine of them under the first truss of a slicer, and three between', () => {
    const { stems } = grow(cultivar(), 100)
    // From 84 °C d on, one every 32: (1400 − 84) / 32, and the first.
    expect(stems[0]!.nodes).toHaveLength(42)
    const trusses = stems[0]!.nodes.flatMap(({ truss }, node) => (truss ? [node] : []))
    expect(trusses.slice(0, 4)).toEqual([8, 11, 14, 17])
  })
  it('has less leaf and fewer fruit where it is badly off, and those that grew before stay as they were', () => {
    const traits = plantTraits(cultivar())
    const off = (leaf: number, set: number, from = 0) =>
      growPlant(
        traits,
        steady(100).map((day, at) => (at < from ? day : { ...day, leaf, set })),
        [],
      )
    const well = off(1, 1)
    expect(well).toEqual(grow(cultivar(), 100))
    const [half, hungry] = [off(0.5, 1), off(1, 0.4)]
    // Shade keeps both from more leaf than they feed: leaf by leaf it is half.
    expect(half.stems[0]!.nodes.at(-5)!.leaf.area).toBeCloseTo(well.stems[0]!.nodes.at(-5)!.leaf.area / 2, 9)
    const fruit = (plant: typeof well) =>
      plant.stems[0]!.nodes.reduce((sum, { truss }) => sum + (truss?.set ?? 0), 0)
    expect(fruit(hungry)).toBeLessThan(0.7 * fruit(well))
    expect(fruit(half)).toBe(fruit(well))
    // A drought of the last days stunts the youngest leaves alone.
    const late = off(0.2, 1, 90)
    expect(late.stems[0]!.nodes[12]!.leaf.area).toBeCloseTo(well.stems[0]!.nodes[12]!.leaf.area, 9)
    expect(late.stems[0]!.nodes.at(-4)!.leaf.area).toBeLessThan(0.9 * well.stems[0]!.nodes.at(-4)!.leaf.area)
    expect(late.height).toBe(well.height)
  })
  it('ripens the first truss 56 days after it opened', () => {
    // Its packet's calendar: the flower 330 + 75 × 15.5 − 785 − 80 = 627.5 °C d from emergence, ripe 785 later.
    const first = (count: number) => grow(cultivar(), count).stems[0]!.nodes[8]!.truss!.state
    expect(first(44)).toBe('buds')
    expect(first(45)).toBe('open')
    expect(first(51)).toBe('swelling')
    expect(first(100)).toBe('swelling')
    expect(first(101)).toBe('ripe')
  })
  it('ends a bush stem in its fourth truss, and goes on with side shoots', () => {
    const { stems } = grow(bush, 120)
    expect(stems[0]!.ended).toBe('truss')
    expect(stems[0]!.nodes.filter(({ truss }) => truss)).toHaveLength(4)
    expect(stems.length).toBeGreaterThan(4)
  })
  it('forks a pepper over nine leaves, and each shoot once more, into four that flower at each node', () => {
    const { stems } = grow(pepper, 110)
    expect(stems.map(({ parent }) => parent)).toEqual([null, 0, 0, 1, 1, 2, 2])
    expect(stems[0]!.nodes).toHaveLength(9)
    expect(stems.map(({ ended }) => ended)).toEqual(['fork', 'fork', 'fork', null, null, null, null])
    expect(stems.slice(1).every(({ nodes }) => nodes.every(({ truss }) => truss !== null))).toBe(true)
  })
  it('drops a bell’s new flowers while five fruit swell', () => {
    const { stems } = grow(pepper, 160)
    const states = stems.flatMap(({ nodes }) => nodes.flatMap(({ truss }) => (truss ? [truss.state] : [])))
    expect(states.filter((state) => state === 'swelling').length).toBeLessThanOrEqual(5)
    expect(states).toContain('failed')
    expect(states).toContain('ripe')
  })
  it('slows in cold, heat, drought and deep shade, and not on a good day', () => {
    const pace = (day: { tmin: number; tmax: number }, more = {}) => growthDay(day, 'tomato', more).pace!
    expect(pace({ tmin: 15, tmax: 26 })).toBe(1)
    expect(pace({ tmin: 4, tmax: 14 })).toBeLessThan(1)
    // A tomato's degree-days stop rising at 26 °C: heat is counted once.
    expect(pace({ tmin: 22, tmax: 38 })).toBe(1)
    expect(growthDay({ tmin: 22, tmax: 38 }, 'tomato').degreeDays).toBeLessThan(20)
    expect(growthDay({ tmin: 22, tmax: 38 }, 'pepper').pace).toBeLessThan(1)
    expect(pace({ tmin: 15, tmax: 26 }, { water: 0.5 })).toBe(0.5)
    expect(pace({ tmin: 15, tmax: 26 }, { light: 0.2 })).toBeLessThan(1)
    expect(() => growthDay({ tmin: 15, tmax: 26 }, 'tomato', { water: 2 })).toThrow(/water/)
    const slow = steady(80).map((day) => ({ ...day, pace: 0.5 }))
    const plant = growPlant(plantTraits(cultivar()), slow, [])
    expect(plant.stems[0]!.nodes.length).toBe(grow(cultivar(), 40).stems[0]!.nodes.length)
  })
  it('stands still longer when it was not hardened', () => {
    const set = (check: number) =>
      growPlant(plantTraits(cultivar()), steady(60), [], {
        setOut: { day: 30, stemBuried: 0, leavesStripped: 0, check },
      })
    expect(set(transplantCheck('tomato', false)).leafArea).toBeLessThan(
      set(transplantCheck('tomato')).leafArea,
    )
  })
  it('says what hangs where', () => {
    const plant = grow(cultivar(), 100)
    const hanging = hangingTrusses(plant)
    const first = hanging.find(({ stem, node }) => stem === 0 && node === 8)!
    // Four of six flowers of a slicer set; nearly ripe, they weigh 150 g each.
    expect(first.mass).toBeCloseTo(4 * 0.15, 6)
    expect(hanging.map(({ height }) => height)).toEqual(
      hanging.map(({ height }) => height).sort((a, b) => a - b),
    )
    expect(plant.width).toBeGreaterThan(0.4)
  })
  it('stands still for 80 °C d when it is set out', () => {
    const still = growPlant(plantTraits(cultivar()), steady(60), [], {
      setOut: { day: 30, stemBuried: 0.1, leavesStripped: 2 },
    })
    const free = grow(cultivar(), 54)
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
    expect(growPlant(plantTraits(cultivar()), hot, []).stems[0]!.nodes[8]!.truss!.state).toBe('failed')
  })
  it('loses what is cut, keeps its numbers, and tells what fits nowhere', () => {
    const whole = grow(cultivar(), 64)
    const node = whole.stems[1]!.fromNode!
    const cuts = [
      { stem: 0, node, organ: 'sucker' as const },
      { stem: 0, node: 0, organ: 'leaf' as const },
      { stem: 0, node: 90, organ: 'truss' as const },
    ]
    const less = grow(cultivar(), 64, [{ day: 63, cuts }])
    expect(less.stems).toHaveLength(whole.stems.length)
    expect(less.stems[1]).toMatchObject({ ended: 'removed', nodes: [] })
    expect(less.stems[0]!.nodes[0]!.leaf).toEqual({ state: 'removed', area: 0 })
    expect(less.leafArea).toBeLessThan(whole.leafArea)
    expect(less.misfits).toEqual([{ id: null, part: cuts[2], why: 'no-such-part' }])
    const early = grow(cultivar(), 80, [{ day: 1, cuts: [cuts[0]!] }])
    expect(early.stems[0]!.nodes[node]!.sucker).toEqual({
      ...{ state: 'removed', length: 0, stem: null, kept: false },
    })
  })
  it('ends over the node where it is topped, and frees the suckers next to it', () => {
    const topped = grow(cultivar(), 44, [{ day: 36, cuts: [{ stem: 0, node: 12, organ: 'tip' }] }])
    expect(topped.stems[0]!.ended).toBe('topped')
    expect(topped.stems[0]!.nodes).toHaveLength(13)
    expect(topped.stems[0]!.nodes[12]!.sucker.state).toBe('shoot')
    expect(grow(cultivar(), 44).stems[0]!.nodes[12]!.sucker.state).not.toBe('shoot')
  })
  it('holds no more leaf than its light feeds: the oldest dry up', () => {
    const plant = grow(cultivar(), 160)
    expect(plant.leafArea).toBeLessThanOrEqual(54 * 0.05 + 1e-9)
    expect(plant.leafArea).toBeGreaterThan(46 * 0.05)
    expect(plant.stems[0]!.nodes[0]!.leaf).toEqual({ state: 'old', area: 0 })
    expect(plant.stems[0]!.nodes.at(-3)!.leaf.area).toBeGreaterThan(0)
  })
  it('keeps the numbers of stems that went with a tip', () => {
    const whole = grow(cultivar(), 90)
    const low = grow(cultivar(), 90, [{ day: 80, cuts: [{ stem: 0, node: 10, organ: 'tip' }] }])
    whole.stems.forEach(({ parent, fromNode }, number) => {
      if (parent === 0 && fromNode! > 10 && low.stems[number]) expect(low.stems[number].ended).toBe('removed')
      if (parent === 0 && fromNode! <= 7) expect(low.stems[number]!.fromNode).toBe(fromNode)
    })
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
        const grown = (count: number) => growPlant(plantTraits(of), days.slice(0, count), [])
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
  })
  it('opens as many trusses as were counted, and moves the later ones with them', () => {
    const openOn = (day: number, trusses: number | null) =>
      grow(
        cultivar(),
        day + 1,
        trusses === null ? [] : [{ day: 50, leaves: null, height: null, trusses }],
      ).stems[0]!.nodes.filter(({ truss }) => truss && truss.state !== 'buds').length
    expect(openOn(50, null)).toBe(1)
    expect([0, 1, 2].map((trusses) => openOn(50, trusses))).toEqual([0, 1, 2])
    expect(openOn(75, 2)).toBeGreaterThan(openOn(75, 0))
  })
  it('takes a part for what the grower saw it to be', () => {
    const marked = (state: PartState, count?: number) =>
      grow(cultivar(), 66, [
        {
          day: 65,
          marks: [{ stem: 0, node: 8, organ: 'truss', state, ...(count === undefined ? {} : { count }) }],
        },
      ]).stems[0]!.nodes[8]!.truss!
    expect(marked('set', 3)).toMatchObject({ state: 'swelling', set: 3 })
    expect(marked('open')).toMatchObject({ state: 'open' })
    expect(marked('ripe')).toMatchObject({ state: 'ripe', ripeness: 1 })
    expect(marked('picked')).toMatchObject({ state: 'picked' })
    expect(marked('failed')).toMatchObject({ state: 'failed', set: 0 })
    expect(marked('fused').fused).toBe(true)
    const plant = grow(cultivar(), 66, [
      { day: 65, marks: [{ stem: 0, node: 4, organ: 'leaf', state: 'sick' }] },
      { day: 65, marks: [{ stem: 0, node: 8, organ: 'sucker', state: 'kept' }] },
    ])
    expect(plant.stems[0]!.nodes[4]!.leaf.state).toBe('sick')
    expect(plant.stems[0]!.nodes[8]!.sucker.kept).toBe(true)
  })
  it('tells what contradicts it, by the entry, and grows on without it', () => {
    const events: PlantEvent[] = [
      { id: 'many-trusses', day: 40, leaves: null, height: null, trusses: 9 },
      { id: 'many-leaves', day: 40, leaves: 150, height: null },
      { id: 'too-high', day: 40, leaves: null, height: 5 },
      { id: 'early', day: -3, cuts: [{ stem: 0, node: 0, organ: 'leaf' }] },
      { id: 'leaf', day: 30, cuts: [{ stem: 0, node: 1, organ: 'leaf' }] },
      { id: 'leaf-again', day: 35, cuts: [{ stem: 0, node: 1, organ: 'leaf' }] },
      { id: 'no-truss', day: 40, marks: [{ stem: 0, node: 1, organ: 'truss', state: 'ripe' }] },
    ]
    const told = grow(cultivar(), 60, events)
    expect(Object.fromEntries(told.misfits.map(({ id, why }) => [id, why]))).toEqual({
      'many-trusses': 'trusses',
      'many-leaves': 'leaves',
      'too-high': 'height',
      early: 'before-it-came',
      'leaf-again': 'gone',
      'no-truss': 'no-such-part',
    })
    expect(told.height).toBeCloseTo(grow(cultivar(), 60).height, 9)
    expect(told.stems[0]!.nodes[1]!.leaf.state).toBe('removed')
  })
  it('refuses days that are none', () => {
    expect(() => growPlant(plantTraits(bush), [{ degreeDays: NaN, tmin: 1, tmax: 2 }], [])).toThrow(
      /degreeDays/,
    )
  })
})

describe('planting day', () => {
  /** Raised for so many days, then outside; on its day as many of them as are asked for. */
  const RAISED = 45
  const course = (count: number): GrowthDay[] =>
    Array.from({ length: count }, (_, day) => (day < RAISED ? raisedDay('tomato') : steady(1)[0]!))
  const plantOn = (of: Cultivar, day: number, buried: number, events: PlantEvent[] = [], stripped = 0) =>
    growPlant(plantTraits(of), course(day + 1), events, {
      setOut: { day: RAISED, stemBuried: buried, leavesStripped: stripped },
    })
  const kinds = [cultivar(), bush, cultivar({ habit: 'dwarf' }), pepper]
  const anyDepth = fc.double({ min: 0, max: 0.9, noNaN: true })
  /** m and m² that a day's growth may add. */
  const DAY = { height: 0.02, leaf: 0.01 }

  it('leaves the plant as tall as it was, less what is buried, with the leaves that stay', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kinds), anyDepth, (of, share) => {
        const before = plantOn(of, RAISED - 1, 0)
        const depth = share * before.height
        const after = plantOn(of, RAISED, depth)
        expect(after.height).toBeGreaterThanOrEqual(before.height - depth - 1e-9)
        expect(after.height).toBeLessThan(before.height - depth + DAY.height)
        let along = 0
        const kept = before.stems[0]!.nodes.filter(({ internode }) => (along += internode) > depth)
        const leaf = kept.reduce((sum, node) => sum + node.leaf.area, 0)
        expect(after.leafArea).toBeGreaterThan(leaf - 1e-9 - DAY.leaf)
        expect(after.leafArea).toBeLessThan(leaf + DAY.leaf)
      }),
    )
  })
  it('is followed by growth alone', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kinds), anyDepth, (of, share) => {
        const depth = share * plantOn(of, RAISED - 1, 0).height
        const heights = Array.from({ length: 30 }, (_, day) => plantOn(of, RAISED + day, depth).height)
        for (let day = 1; day < heights.length; day++)
          expect(heights[day]!).toBeGreaterThanOrEqual(heights[day - 1]! - 1e-9)
      }),
    )
  })
  it('tells a height measured before planting from one measured after it', () => {
    const tall = (day: number): PlantEvent => ({ day, leaves: null, height: 0.3, trusses: null })
    // Measured in its pot, 13 cm of its 30 go under the soil; measured afterwards, 30 cm stand over it.
    expect(plantOn(cultivar(), RAISED, 0.13, [tall(RAISED - 1)]).height).toBeCloseTo(0.17, 1)
    expect(plantOn(cultivar(), RAISED, 0.13, [tall(RAISED)]).height).toBeCloseTo(0.3, 6)
  })
  it('says nothing of how long its later nodes get', () => {
    const lanky: PlantEvent = { day: RAISED - 1, leaves: null, height: 0.35, trusses: null }
    const usual = plantOn(cultivar(), RAISED + 60, 0)
    const measured = plantOn(cultivar(), RAISED + 60, 0, [lanky])
    const gained = 0.35 - plantOn(cultivar(), RAISED - 1, 0).height
    expect(measured.height - usual.height).toBeCloseTo(gained, 1)
  })
  it('has no suckers in the tray', () => {
    const { stems } = plantOn(cultivar(), RAISED - 1, 0)
    expect(stems[0]!.nodes.every(({ sucker }) => sucker.state === 'dormant')).toBe(true)
  })
})
