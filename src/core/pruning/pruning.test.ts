import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import { growPlant, plantTraits, type Cultivar, type Plant, type Training } from '../crop'
import { advisePruning, applyCuts, type PruningContext } from '.'

const vine: Cultivar = {
  crop: 'tomato',
  habit: 'indeterminate',
  fruit: 'slicer',
  origin: 'hybrid',
  daysToMaturity: null,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
}
const bush: Cultivar = { ...vine, habit: 'determinate', fruit: 'paste' }
const context: PruningContext = {
  date: isoDate('2026-07-01'),
  rain: [0, 0, 0],
  wetness: 'low',
  daysSinceTransplant: 30,
  seasonSlackDays: 60,
  lastUsefulFlower: null,
  supportTop: null,
  dailyDegreeDays: 12,
}
const grown = (of: Cultivar, days: number): Plant =>
  growPlant(
    plantTraits(of),
    Array.from({ length: days }, () => ({ degreeDays: 10, tmin: 17, tmax: 24 })),
    [],
    null,
  )
const advise = (plant: Plant, system: Training, change: Partial<PruningContext> = {}, isBush = false) =>
  advisePruning({ plant, bush: isBush, system, context: { ...context, ...change } })
const rulesOf = (answer: { reason: { rule: string } }[]) => new Set(answer.map(({ reason }) => reason.rule))

describe('pruning a vine', () => {
  const plant = grown(vine, 70)
  const shoots = plant.stems[0]!.nodes.filter(({ sucker }) => sucker.state !== 'dormant').length
  it('to a single stem takes every sucker, to two all but the one just below the first truss', () => {
    const of = (system: Training) =>
      advise(plant, system).answer.filter(({ organ, stem }) => organ !== 'leaf' && stem === 0)
    const tips = (system: Training) =>
      advise(plant, system).answer.filter(({ action }) => action === 'tip-back')
    expect(of('single-stem').length + tips('single-stem').length).toBe(shoots)
    const two = advise(plant, 'two-stems').answer
    expect(two.some(({ organ, stem, node }) => organ === 'sucker' && stem === 0 && node === 8)).toBe(false)
    expect(
      of('two-stems').length + tips('two-stems').filter(({ stem }) => plant.stems[stem]!.parent === 0).length,
    ).toBe(shoots - 1)
  })
  it('in a cage takes only what comes under the first truss', () => {
    for (const { organ, stem, node } of advise(plant, 'cage').answer)
      if (organ === 'sucker') expect([stem, node < 8]).toEqual([0, true])
  })
  it('never takes the tip, but from the last useful flower on or over its support', () => {
    expect(rulesOf(advise(plant, 'single-stem').answer)).not.toContain('prune.top-season')
    expect(rulesOf(advise(plant, 'single-stem', { lastUsefulFlower: context.date }).answer)).toContain(
      'prune.top-season',
    )
    expect(rulesOf(advise(plant, 'single-stem', { supportTop: 0.5 }).answer)).toContain('prune.top-support')
    expect(rulesOf(advise(plant, 'single-stem', { supportTop: 3 }).answer)).not.toContain('prune.top-support')
  })
  it('waits for dry leaves', () => {
    const { answer, reasons } = advise(plant, 'single-stem', { rain: [6, 3, 0] })
    expect(reasons.map(({ rule }) => rule)).toContain('prune.wet')
    expect(answer.every(({ due }) => due !== undefined && due >= '2026-07-03')).toBe(true)
  })
  it('says when to come again', () => {
    const next = advise(plant, 'single-stem').reasons.find(({ rule }) => rule === 'prune.next')
    expect(next!.values.days).toEqual({ kind: 'days', value: 5 })
  })
})

describe('pruning a bush', () => {
  const plant = grown(bush, 80)
  it('leaves every sucker and the tip: they are the crop', () => {
    const { answer, reasons } = advise(plant, 'weave', { lastUsefulFlower: context.date }, true)
    expect(answer.every(({ organ }) => organ === 'leaf' || organ === 'truss')).toBe(true)
    expect(reasons.map(({ rule }) => rule)).toContain('prune.bush')
  })
  it('takes what touches the soil, under the first truss only', () => {
    const leaves = advise(plant, 'weave', {}, true).answer.filter(({ organ }) => organ === 'leaf')
    expect(leaves.length).toBeGreaterThan(0)
    expect(leaves.every(({ stem, node }) => stem === 0 && node < 6)).toBe(true)
  })
})

describe('flowers', () => {
  it('come off while a plant is young and the season long, and stay where it is short', () => {
    const young = grown(vine, 50)
    expect(rulesOf(advise(young, 'single-stem', { daysSinceTransplant: 3 }).answer)).toContain(
      'prune.first-flowers',
    )
    expect(
      rulesOf(advise(young, 'single-stem', { daysSinceTransplant: 3, seasonSlackDays: 5 }).answer),
    ).not.toContain('prune.first-flowers')
    expect(rulesOf(advise(young, 'single-stem').answer)).not.toContain('prune.first-flowers')
  })
})

describe('pruning a pepper', () => {
  const pepper: Cultivar = { ...vine, crop: 'pepper', habit: null, fruit: 'bell' }
  it('takes no shoot over the fork, and nothing that falls by itself', () => {
    const hot = growPlant(
      plantTraits(pepper),
      Array.from({ length: 100 }, () => ({ degreeDays: 10, tmin: 30, tmax: 42 })),
      [],
      null,
    )
    expect(hot.stems[1]!.nodes.some(({ truss }) => truss!.state === 'failed')).toBe(true)
    expect(advise(hot, 'pepper').answer.every(({ organ, stem }) => organ === 'leaf' && stem === 0)).toBe(true)
  })
})

describe('every advice', () => {
  const anyPlant = fc.tuple(fc.constantFrom(vine, bush), fc.integer({ min: 5, max: 140 }))
  const anySystem = fc.constantFrom<Training>('single-stem', 'two-stems', 'three-stems', 'cage', 'sprawling')
  it('takes at most a third of the leaf in one session, unless it is a single part', () => {
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        const plant = grown(of, days)
        const { answer } = advise(plant, system, {}, of === bush)
        const now = answer.filter(({ due }) => due === undefined)
        const after = applyCuts(plant, now)
        const leafy = now.filter(({ organ }) => organ !== 'truss' && organ !== 'tip')
        if (leafy.length > 1) expect(after.leafArea).toBeGreaterThanOrEqual(plant.leafArea * 0.66)
        expect(after.leafArea).toBeLessThanOrEqual(plant.leafArea + 1e-9)
      }),
      { numRuns: 80 },
    )
  })
  it('once followed through all its sessions finds nothing more', () => {
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        let plant = grown(of, days)
        // A rescue in stages: each session is worked out anew on what is left.
        for (let session = 0; session < 60; session++) {
          const { answer } = advise(plant, system, {}, of === bush)
          if (answer.length === 0) return
          const now = answer.filter(({ due }) => due === undefined)
          expect(now.length).toBeGreaterThan(0)
          plant = applyCuts(plant, now)
        }
        expect(advise(plant, system, {}, of === bush).answer).toEqual([])
      }),
      { numRuns: 60 },
    )
  })
  it('refuses what is no context', () => {
    expect(() => advise(grown(vine, 40), 'cage', { dailyDegreeDays: NaN })).toThrow(/dailyDegreeDays/)
  })
})
