import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { adviseDepth, DEPTH_SCHOOLS, depthAt, leafAreas, WARM_SOIL, type DepthInput } from '.'

const warm = [
  { depth: 0.05, temperature: 22 },
  { depth: 0.15, temperature: 20 },
  { depth: 0.3, temperature: 18 },
]
/** Eight leaves, 3 cm apart from 4 cm up. */
const stocky: DepthInput = {
  crop: 'tomato',
  stemHeight: 0.28,
  leafHeights: [0.04, 0.07, 0.1, 0.13, 0.16, 0.19, 0.22, 0.25],
  rootBallDepth: 0.09,
  rootBallWidth: 0.08,
  soilDepth: 0.4,
  soilTemperatures: warm,
  dailyDegreeDays: 9,
  seasonSlackDays: 40,
}
const leggy: DepthInput = { ...stocky, stemHeight: 0.45, leafHeights: [0.1, 0.17, 0.23, 0.29, 0.34, 0.4] }
/** In a four-litre pot: its ball alone is half of what the soil bears. */
const largeRooted: DepthInput = {
  ...stocky,
  stemHeight: 0.4,
  leafHeights: [0.06, 0.1, 0.14, 0.18, 0.22, 0.26, 0.3, 0.34, 0.38],
  rootBallDepth: 0.2,
  rootBallWidth: 0.18,
}
const answerOf = (change: Partial<DepthInput> = {}, plant = stocky) =>
  adviseDepth({ ...plant, ...change }).answer

describe('adviseDepth, worked out', () => {
  it('buries up to a centimetre under the lowest of five leaves: 13 − 1 cm', () => {
    expect(answerOf()).toMatchObject({
      method: 'upright',
      stemBuried: expect.closeTo(0.12),
      holeDepth: expect.closeTo(0.21),
      trenchLength: null,
      leavesToStrip: [0, 1, 2],
      leavesKept: 5,
    })
  })
  it('stays shallow when the season is short, unless the plant is leggy', () => {
    expect(answerOf({ seasonSlackDays: 20 })).toMatchObject({ stemBuried: 0.025, leavesToStrip: [] })
    expect(answerOf({ seasonSlackDays: 21 }).stemBuried).toBeCloseTo(0.12)
    expect(answerOf({ seasonSlackDays: 20 }, leggy).stemBuried).toBeCloseTo(0.16)
  })
  it('lays the plant in a trench where the floor is cold or hard', () => {
    const cold = [
      { depth: 0.05, temperature: 20 },
      { depth: 0.15, temperature: 16 },
      { depth: 0.25, temperature: 13 },
    ]
    expect(answerOf({ soilTemperatures: cold })).toMatchObject({
      method: 'trench',
      holeDepth: expect.closeTo(0.11),
      stemBuried: expect.closeTo(0.15),
      trenchLength: expect.closeTo(0.24),
      leavesKept: 4,
    })
    expect(answerOf({ soilDepth: 0.2 }).method).toBe('trench')
  })
  it('waits when even the root ball would stand cold, when nothing grows, or when the soil is too shallow', () => {
    expect(answerOf({ soilTemperatures: [{ depth: 0.1, temperature: 15.9 }] }).wait).toBe('cold-soil')
    expect(answerOf({ dailyDegreeDays: 0 }).wait).toBe('no-growth')
    expect(answerOf({ soilDepth: 0.12 }).wait).toBe('shallow-soil')
    expect(answerOf({ dailyDegreeDays: 0 }).delayDays).toBe(0)
  })
  it('counts the days that stripping costs: ln(before/after) / (0.011 × 9)', () => {
    const areas = leafAreas(8)
    const sum = (from: number) => areas.slice(from).reduce((total, area) => total + area, 0)
    expect(answerOf().delayDays).toBeCloseTo(Math.log(sum(0) / sum(3)) / 0.099, 9)
    expect(areas).toEqual(
      [1, 2 ** 1.3, 3 ** 1.3, 4 ** 1.3, 5 ** 1.3, 6 ** 1.3 * 0.8, 6 ** 1.3 * 0.5, 6 ** 1.3 * 0.2].map(
        (area) => expect.closeTo(area, 9),
      ),
    )
  })
  it('sets a pepper as it grew', () => {
    expect(answerOf({ crop: 'pepper' })).toMatchObject({
      method: 'upright',
      stemBuried: 0,
      leavesToStrip: [],
    })
    for (const school of DEPTH_SCHOOLS)
      expect(answerOf({ crop: 'pepper', school }).stemBuried).toBeLessThanOrEqual(0.02)
  })
  it('keeps a graft 3 cm above the soil, in every school', () => {
    for (const school of DEPTH_SCHOOLS) {
      const grafted = answerOf({ grafted: true, graftHeight: 0.08, school })
      expect(grafted.stemBuried).toBeLessThanOrEqual(0.05 + 1e-9)
      expect(grafted.method).toBe('upright')
    }
    expect(answerOf({ grafted: true, graftHeight: 0.02 }).stemBuried).toBe(0)
    expect(answerOf({ grafted: true }).stemBuried).toBe(0)
  })
  it('keeps every leaf of a plant that has few', () => {
    expect(answerOf({ leafHeights: [0.05, 0.1, 0.15] })).toMatchObject({
      stemBuried: expect.closeTo(0.04),
      leavesKept: 3,
      leavesToStrip: [],
    })
    expect(answerOf({ leafHeights: [] })).toMatchObject({ stemBuried: 0, leavesKept: 0 })
  })
})

describe('adviseDepth, school by school', () => {
  it.each([
    ['deep', stocky, 0.12, 3],
    ['two-thirds', stocky, 0.15, 4],
    ['first-fork', stocky, 0.12, 3],
    ['shallow', stocky, 0.025, 0],
    ['deep', leggy, 0.16, 1],
    ['two-thirds', leggy, 0.22, 2],
    ['first-fork', leggy, 0.22, 2],
    ['shallow', leggy, 0.025, 0],
    // Under its ball the soil ends 35 cm down, 5 cm over the floor: 15 cm of stem at most.
    ['deep', largeRooted, 0.15, 3],
    ['two-thirds', largeRooted, 0.15, 3],
    ['first-fork', largeRooted, 0.15, 3],
    ['shallow', largeRooted, 0.025, 0],
  ] as const)('%s buries a plant its own way', (school, plant, buried, stripped) => {
    const answer = answerOf({ school }, plant)
    expect(answer.stemBuried).toBeCloseTo(buried)
    expect(answer.leavesToStrip).toHaveLength(stripped)
  })
  it.each([
    ['stocky', stocky, 0.11],
    ['leggy', leggy, 0.11],
    ['large rooted', largeRooted, 0.21],
  ] as const)('trench lays a %s plant as deep as its ball is wide, and 3 cm', (_, plant, depth) => {
    const answer = answerOf({ school: 'trench' }, plant)
    expect(answer.method).toBe('trench')
    expect(answer.holeDepth).toBeCloseTo(depth)
    expect(answer.trenchLength).toBeCloseTo(plant.rootBallDepth + answer.stemBuried)
  })
  it('clips a forced school to what the soil bears, and says so', () => {
    const { answer, reasons } = adviseDepth({ ...stocky, soilDepth: 0.22, school: 'deep' })
    expect(answer.holeDepth).toBeCloseTo(0.17)
    expect(reasons.map(({ rule }) => rule)).toContain('depth.clipped')
  })
  it('shows every other school with what it gains or costs', () => {
    const { alternatives } = adviseDepth(stocky)
    expect(alternatives.map(({ school }) => school)).toEqual([...DEPTH_SCHOOLS])
    for (const { gains, costs } of alternatives) expect(gains.length + costs.length).toBeGreaterThan(0)
    expect(adviseDepth({ ...stocky, school: 'shallow' }).alternatives[0]!.school).toBe('worked-out')
  })
  it('refuses what no plant is', () => {
    for (const [change, named] of [
      [{ stemHeight: NaN }, /stemHeight/],
      [{ leafHeights: [0.2, 0.1] }, /leafHeights/],
      [{ leafHeights: [0.5] }, /leafHeights\[0\]/],
      [{ rootBallDepth: -1 }, /rootBallDepth/],
      [{ soilTemperatures: [] }, /soilTemperatures/],
      [{ seasonSlackDays: Infinity }, /seasonSlackDays/],
      [{ school: 'sideways' as never }, /school/],
    ] as const)
      expect(() => adviseDepth({ ...stocky, ...change } as DepthInput)).toThrow(named)
  })
})

const anyPlant: fc.Arbitrary<DepthInput> = fc
  .record({
    crop: fc.constantFrom('tomato', 'pepper'),
    grafted: fc.boolean(),
    stemHeight: fc.double({ min: 0.05, max: 0.9, noNaN: true }),
    leaves: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 14 }),
    rootBallDepth: fc.double({ min: 0.03, max: 0.25, noNaN: true }),
    rootBallWidth: fc.double({ min: 0.03, max: 0.25, noNaN: true }),
    soilDepth: fc.double({ min: 0, max: 0.8, noNaN: true }),
    temperatures: fc.array(fc.double({ min: 2, max: 35, noNaN: true }), { minLength: 1, maxLength: 4 }),
    // Doubles are mostly tiny: tenths are what weather brings.
    dailyDegreeDays: fc.integer({ min: 0, max: 180 }).map((tenths) => tenths / 10),
    seasonSlackDays: fc.integer({ min: -60, max: 150 }),
    school: fc.constantFrom('worked-out' as const, ...DEPTH_SCHOOLS),
  })
  .map(({ leaves, temperatures, ...plant }) => ({
    ...plant,
    graftHeight: plant.stemHeight / 4,
    leafHeights: leaves.map((share) => share * plant.stemHeight).sort((a, b) => a - b),
    soilTemperatures: temperatures.map((temperature, index) => ({ depth: 0.05 + index * 0.1, temperature })),
  }))

describe('whatever the plant', () => {
  it('keeps four leaves, stays within warm soil, and is all finite', () => {
    fc.assert(
      fc.property(anyPlant, (input) => {
        const { answer } = adviseDepth(input)
        expect(
          Object.values(answer).every((value) => typeof value !== 'number' || Number.isFinite(value)),
        ).toBe(true)
        expect(answer.leavesKept).toBeGreaterThanOrEqual(Math.min(4, input.leafHeights.length))
        expect(answer.leavesKept + answer.leavesToStrip.length).toBe(input.leafHeights.length)
        expect(answer.stemBuried).toBeGreaterThanOrEqual(0)
        expect(answer.delayDays).toBeGreaterThanOrEqual(0)
        if (answer.wait) expect(answer.holeDepth).toBeLessThanOrEqual(input.soilDepth + 1e-9)
        else expect(answer.holeDepth).toBeLessThanOrEqual(input.soilDepth - 0.05 + 1e-9)
      }),
      { numRuns: 1500 },
    )
  })
  it('waits where hardly any warmth is to come', () => {
    fc.assert(
      fc.property(anyPlant, fc.constantFrom(0, 5e-324, 1e-9), (input, dailyDegreeDays) => {
        const { answer } = adviseDepth({ ...input, dailyDegreeDays })
        expect(answer.wait).toBeDefined()
        expect(Number.isFinite(answer.delayDays)).toBe(true)
      }),
    )
  })
  it('never gets quicker by going deeper', () => {
    fc.assert(
      fc.property(
        anyPlant,
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (input, buried, deeper) => {
          const [here, there] = [depthAt(input, buried).answer, depthAt(input, buried + deeper).answer]
          expect(there.delayDays).toBeGreaterThanOrEqual(here.delayDays)
          expect(there.holeDepth).toBeGreaterThanOrEqual(here.holeDepth)
        },
      ),
    )
  })
  it('has no problem at the depth it advises upright', () => {
    fc.assert(
      fc.property(anyPlant, (input) => {
        const { answer } = adviseDepth(input)
        fc.pre(answer.wait === undefined && answer.method === 'upright')
        expect(depthAt(input, answer.stemBuried).problems).toEqual([])
      }),
    )
  })
  it('names the problem of a depth by hand', () => {
    const rules = (input: Partial<DepthInput>, buried: number) =>
      depthAt({ ...stocky, ...input }, buried).problems.map(({ rule }) => rule)
    expect(rules({}, 0.12)).toEqual([])
    expect(rules({}, 0.22)).toContain('depth.few-leaves')
    expect(rules({ soilDepth: 0.2 }, 0.12)).toContain('depth.floor-hard')
    expect(rules({ crop: 'pepper' }, 0.05)).toContain('depth.pepper-level')
    expect(rules({ soilTemperatures: [{ depth: 0.1, temperature: WARM_SOIL - 1 }] }, 0.05)).toContain(
      'depth.floor-cold',
    )
  })
})
