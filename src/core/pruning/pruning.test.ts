import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { daysBetween, isoDate } from '../calendar'
import {
  growPlant,
  plantTraits,
  USUAL_VINE,
  type Cultivar,
  type Plant,
  type PlantEvent,
  type Training,
} from '../crop'
import {
  advisePruning,
  applyCuts,
  compareSystems,
  refuseCut,
  scoreCuts,
  stagesOf,
  type PruningContext,
} from '.'

const vine = USUAL_VINE
const bush: Cultivar = { ...vine, habit: 'determinate', fruit: 'paste' }
const context: PruningContext = {
  date: isoDate('2026-07-01'),
  forecast: [],
  wetnessPressure: 'low',
  daysSinceTransplant: 30,
  seasonSlackDays: 60,
  lastUsefulFlower: null,
  supportTop: null,
  dailyDegreeDays: 12,
}
const grown = (of: Cultivar, days: number, events: PlantEvent[] = []): Plant =>
  growPlant(
    plantTraits(of),
    Array.from({ length: days }, () => ({ degreeDays: of.crop === 'tomato' ? 13 : 10, tmin: 17, tmax: 24 })),
    events,
  )
const advise = (plant: Plant, system: Training, change: Partial<PruningContext> = {}) =>
  advisePruning({ plant, system, context: { ...context, ...change } })
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
    const suckers = advise(plant, 'cage').answer.filter(({ organ }) => organ === 'sucker')
    expect(suckers.length).toBeGreaterThan(2)
    for (const { stem, node } of suckers) expect([stem, node < 8]).toEqual([0, true])
  })
  it('never takes the tip, but from the last useful flower on or over its support', () => {
    expect(rulesOf(advise(plant, 'single-stem').answer)).not.toContain('prune.top-season')
    expect(rulesOf(advise(plant, 'single-stem', { lastUsefulFlower: context.date }).answer)).toContain(
      'prune.top-season',
    )
    expect(rulesOf(advise(plant, 'single-stem', { supportTop: 0.5 }).answer)).toContain('prune.top-support')
    expect(rulesOf(advise(plant, 'single-stem', { supportTop: 3 }).answer)).not.toContain('prune.top-support')
  })
  it('ends a late stem two leaves over its last open truss, and lets the open ones be', () => {
    const tip = advise(plant, 'single-stem', { lastUsefulFlower: context.date }).answer.find(
      ({ organ, action }) => organ === 'tip' && action === 'remove',
    )!
    const open = plant.stems[0]!.nodes.findLastIndex(({ truss }) => truss && truss.state !== 'buds')
    expect(tip).toMatchObject({ stem: 0, node: open + 2 })
    const after = applyCuts(plant, [tip])
    expect(after.stems[0]!.nodes).toHaveLength(open + 3)
    expect(after.stems[0]!.ended).toBe('topped')
  })
  it('names the last truss that is kept, and which ripen on the plant or indoors', () => {
    const old = grown(vine, 110)
    const ripeness = old.stems[0]!.nodes.flatMap(({ truss }) =>
      truss && truss.state !== 'buds' ? [truss.ripeness] : [],
    )
    expect(ripeness.length).toBeGreaterThan(4)
    const ending = (onPlant: number | null, indoors: number) => {
      const changed = { lastUsefulFlower: context.date, lastRipeness: { onPlant, indoors } }
      const tip = advise(old, 'single-stem', changed).answer.find(({ stem, reason }) =>
        stem === 0 ? reason.rule.startsWith('prune.top') : false,
      )!
      return { rule: tip.reason.rule, ...tip.reason.values }
    }
    // The second truss is the last that ripens on the plant, the fourth the last that does indoors.
    expect(ending(ripeness[1]!, ripeness[3]!)).toMatchObject({
      rule: 'prune.top-season-both',
      truss: { value: 4 },
      ripe: { value: 2 },
      green: { value: 3 },
    })
    expect(ending(2, ripeness[3]!)).toMatchObject({ rule: 'prune.top-season-indoors', truss: { value: 4 } })
    expect(ending(null, 0)).toMatchObject({ rule: 'prune.top-season-on-plant' })
    const topped = { lastUsefulFlower: context.date, isTopped: true }
    for (const rule of rulesOf(advise(old, 'single-stem', topped).answer))
      expect(rule).not.toMatch(/^prune.top/)
  })
  it('tips a sucker found late over two leaves, and in scalding sun every grown one', () => {
    const late = grown(vine, 90)
    const tips = advise(late, 'single-stem').answer.filter(({ action }) => action === 'tip-back')
    expect(tips.length).toBeGreaterThan(0)
    for (const tip of tips) expect(applyCuts(late, [tip]).stems[tip.stem]!.nodes).toHaveLength(2)
    const hot = [{ rain: 0, tmax: 35 }]
    const scalding = advise(plant, 'single-stem', { forecast: hot }).answer
    expect(rulesOf(scalding)).toContain('prune.sucker-shade')
    expect(rulesOf(advise(plant, 'single-stem').answer)).not.toContain('prune.sucker-shade')
  })
  it('leads up a sucker in the place of a lost tip, while there is time and room', () => {
    const lost = grown(vine, 70, [{ day: 60, cuts: [{ stem: 0, node: 16, organ: 'tip' }] }])
    const { answer, reasons } = advise(lost, 'single-stem')
    const leader = reasons.find(({ rule }) => rule === 'prune.leader')!
    const heir = Number(leader.values.leaf!.value) - 1
    expect(heir).toBeGreaterThan(12)
    expect(answer.some(({ organ, stem, node }) => organ === 'sucker' && stem === 0 && node === heir)).toBe(
      false,
    )
    const topped = advise(lost, 'single-stem', { lastUsefulFlower: context.date })
    expect(topped.reasons.map(({ rule }) => rule)).not.toContain('prune.leader')
  })
  it('takes leaves under a truss that is picked, but not in scalding sun', () => {
    const marks = [{ stem: 0, node: 8, organ: 'truss', state: 'picked' }] as const
    const picked = grown(vine, 110, [{ day: 109, marks: [...marks] }])
    expect(rulesOf(advise(picked, 'single-stem').answer)).toContain('prune.below-picked')
    const hot = { forecast: [{ rain: 0, tmax: 35 }] }
    expect(rulesOf(advise(picked, 'single-stem', hot).answer)).not.toContain('prune.below-picked')
    expect(rulesOf(advise(grown(vine, 110), 'single-stem').answer)).not.toContain('prune.below-picked')
  })
  it('keeps a sucker that the grower keeps, takes a sick leaf, and pinches a fused flower of a large type', () => {
    const on = (of: Cultivar) =>
      grown(of, 60, [
        {
          day: 59,
          marks: [
            { stem: 0, node: 12, organ: 'sucker', state: 'kept' },
            { stem: 0, node: 7, organ: 'leaf', state: 'sick' },
            { stem: 0, node: 11, organ: 'truss', state: 'fused' },
          ],
        },
      ])
    const { answer } = advise(on({ ...vine, fruit: 'saladette' }), 'single-stem')
    expect(answer.some(({ organ, stem, node }) => organ === 'sucker' && stem === 0 && node === 12)).toBe(
      false,
    )
    expect(answer.find(({ reason }) => reason.rule === 'prune.sick-leaf')).toMatchObject({ stem: 0, node: 7 })
    const fused = grown({ ...vine, fruit: 'beefsteak' }, 60, [
      { day: 59, marks: [{ stem: 0, node: 9, organ: 'truss', state: 'fused' }] },
    ])
    const pinched = advise(fused, 'single-stem').answer.find(({ organ }) => organ === 'flower')!
    expect(pinched.reason.rule).toBe('prune.fused')
    expect(rulesOf(advise(applyCuts(fused, [pinched]), 'single-stem').answer)).not.toContain('prune.fused')
    expect(rulesOf(answer)).not.toContain('prune.fused')
  })
  it('clears the stem higher where leaves stay wet', () => {
    const lows = (wetnessPressure: PruningContext['wetnessPressure']) =>
      advise(grown(vine, 90), 'cage', { wetnessPressure }).answer.filter(
        ({ reason }) => reason.rule === 'prune.clear-stem',
      ).length
    expect(lows('high')).toBeGreaterThanOrEqual(lows('low'))
  })
  it('names a sucker worth rooting while a season is left to bear', () => {
    const early = advise(plant, 'single-stem', { seasonSlackDays: 90 }).reasons.map(({ rule }) => rule)
    expect(early).toContain('prune.cutting')
    expect(
      advise(plant, 'single-stem', { seasonSlackDays: 10 }).reasons.map(({ rule }) => rule),
    ).not.toContain('prune.cutting')
  })
  it('waits for dry leaves', () => {
    const { answer, reasons } = advise(plant, 'single-stem', {
      forecast: [6, 3, 0].map((rain) => ({ rain, tmax: 24 })),
    })
    expect(reasons.map(({ rule }) => rule)).toContain('prune.wet')
    expect(answer.every(({ due }) => due !== undefined && due >= '2026-07-03')).toBe(true)
  })
  it('says when to come again', () => {
    const next = advise(plant, 'single-stem').reasons.find(({ rule }) => rule === 'prune.next')
    expect(next!.values.days).toEqual({ kind: 'days', value: 7 })
  })
})

describe('pruning a bush', () => {
  const plant = grown(bush, 80)
  it('leaves every sucker and the tip: they are the crop', () => {
    const { answer, reasons } = advise(plant, 'weave', { lastUsefulFlower: context.date })
    expect(answer.every(({ organ }) => organ === 'leaf' || organ === 'truss')).toBe(true)
    expect(reasons.map(({ rule }) => rule)).toContain('prune.bush')
  })
  it('takes what touches the soil, under the first truss only', () => {
    const leaves = advise(plant, 'weave').answer.filter(({ organ }) => organ === 'leaf')
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
    const asked = (school: 'pinch' | 'leave') =>
      rulesOf(advise(young, 'single-stem', { daysSinceTransplant: 3, seasonSlackDays: 5, school }).answer)
    expect(asked('pinch')).toContain('prune.first-flowers')
    expect(asked('leave')).not.toContain('prune.first-flowers')
  })
})

describe('pruning a pepper', () => {
  const pepper: Cultivar = { ...vine, crop: 'pepper', habit: null, fruit: 'bell' }
  it('takes no shoot over the fork, and nothing that falls by itself', () => {
    const hot = growPlant(
      plantTraits(pepper),
      Array.from({ length: 100 }, () => ({ degreeDays: 10, tmin: 30, tmax: 42 })),
      [],
    )
    expect(hot.stems[1]!.nodes.some(({ truss }) => truss!.state === 'failed')).toBe(true)
    expect(advise(hot, 'pepper').answer.every(({ organ, stem }) => organ === 'leaf' && stem === 0)).toBe(true)
  })
})

describe('an open pepper', () => {
  const pepper: Cultivar = { ...vine, crop: 'pepper', habit: null, fruit: 'bell' }
  it('is cleared under its fork and between its four stems, which stay', () => {
    const plant = grown(pepper, 130)
    const { answer } = advise(plant, 'pepper-open')
    expect(rulesOf(answer)).toContain('prune.below-fork')
    expect(rulesOf(answer)).toContain('prune.fork-inner')
    const after = applyCuts(plant, answer)
    expect(after.stems.filter(({ ended }) => ended === null)).toHaveLength(4)
    expect(rulesOf(advise(plant, 'pepper').answer)).not.toContain('prune.fork-inner')
  })
})

describe('a cut that is refused', () => {
  const plant = grown(vine, 70)
  const ruleOf = (of: Plant, part: Parameters<typeof refuseCut>[1], change: Partial<PruningContext> = {}) =>
    refuseCut(of, part, 'two-stems', { ...context, ...change })?.rule ?? null
  const leaf = { stem: 0, node: 2, organ: 'leaf' } as const
  it('is one in the wet, of a tip, of a stem that is led up, of fruit, of their shade', () => {
    expect(ruleOf(plant, leaf)).toBeNull()
    expect(ruleOf(plant, leaf, { forecast: [{ rain: 3, tmax: 20 }] })).toBe('refuse.wet')
    const tip = { stem: 0, node: plant.stems[0]!.nodes.length - 1, organ: 'tip' } as const
    expect(ruleOf(plant, tip)).toBe('refuse.tip')
    expect(ruleOf(plant, tip, { lastUsefulFlower: context.date })).toBeNull()
    expect(ruleOf(plant, { stem: 0, node: 8, organ: 'sucker' })).toBe('refuse.leader')
    expect(ruleOf(plant, { stem: 0, node: 5, organ: 'sucker' })).toBeNull()
    expect(ruleOf(plant, { stem: 0, node: 8, organ: 'truss' })).toBe('refuse.truss')
    expect(ruleOf(plant, { stem: 0, node: 9, organ: 'leaf' }, { forecast: [{ rain: 0, tmax: 36 }] })).toBe(
      'refuse.shade',
    )
  })
  it('is one of a bush’s suckers, and of a pepper’s forks', () => {
    const low = grown(bush, 80)
    expect(ruleOf(low, { stem: 0, node: 8, organ: 'sucker' })).toBe('refuse.bush')
    expect(ruleOf(low, { stem: 0, node: 1, organ: 'sucker' })).toBeNull()
    const pepper = grown({ ...vine, crop: 'pepper', habit: null, fruit: 'bell' }, 110)
    expect(ruleOf(pepper, { stem: 0, node: 8, organ: 'sucker' })).toBe('refuse.pepper')
    expect(ruleOf(pepper, { stem: 0, node: 3, organ: 'sucker' })).toBeNull()
  })
})

describe('a score', () => {
  const plant = grown(vine, 60, [
    { day: 45, cuts: Array.from({ length: 8 }, (_, node) => ({ stem: 0, node, organ: 'sucker' as const })) },
  ])
  const advised = advise(plant, 'single-stem').answer.filter(({ due }) => due === undefined)
  const score = (cuts: Parameters<typeof scoreCuts>[1], change: Partial<PruningContext> = {}) =>
    scoreCuts(plant, cuts, 'single-stem', { ...context, ...change })
  it('is whole for what is advised, and nothing for nothing', () => {
    expect(advised.length).toBeGreaterThan(1)
    expect(score(advised)).toMatchObject({ points: 100 })
    expect(score([]).points).toBe(0)
    expect(score([]).verdicts.map(({ verdict }) => verdict)).toEqual(advised.map(() => 'missed'))
  })
  it('tells right, missed, needless and harmful cuts apart, each with its reason', () => {
    const tip = { stem: 0, node: plant.stems[0]!.nodes.length - 1, organ: 'tip', action: 'remove' } as const
    const high = { stem: 0, node: plant.stems[0]!.nodes.length - 3, organ: 'leaf', action: 'remove' } as const
    const { verdicts, points } = score([advised[0]!, tip, high])
    expect(verdicts.slice(0, 3).map(({ verdict }) => verdict)).toEqual(['right', 'harmful', 'needless'])
    expect(verdicts[1]!.reason.rule).toBe('refuse.tip')
    expect(verdicts.filter(({ verdict }) => verdict === 'missed')).toHaveLength(advised.length - 1)
    expect(points).toBeLessThan(score([advised[0]!]).points)
  })
  it('wants nothing cut in the wet', () => {
    const wet = { forecast: [{ rain: 8, tmax: 20 }] }
    expect(score([], wet)).toEqual({ points: 100, verdicts: [] })
    expect(score(advised, wet).points).toBe(0)
  })
  it('counts more than a third of the leaf as harm', () => {
    const all = plant.stems[0]!.nodes.map(
      (_, node) => ({ stem: 0, node, organ: 'leaf', action: 'remove' }) as const,
    )
    expect(score(all).verdicts.some(({ reason }) => reason.rule === 'refuse.limit')).toBe(true)
  })
})

describe('systems compared', () => {
  const days = Array.from({ length: 150 }, () => ({ degreeDays: 14.5, tmin: 16, tmax: 25 }))
  const compare = (of: Cultivar, systems: Training[]) =>
    compareSystems({
      ...{ traits: plantTraits(of), days, events: [], setOut: null, today: 45 },
      ...{ ground: 0.4, systems, context },
    })
  it('leave more stems and leaf, and cut less, the less they are led', () => {
    const [single, two, cage] = compare(vine, ['single-stem', 'two-stems', 'cage'])
    expect([single!.stems, two!.stems]).toEqual([1, 2])
    expect(single!.trusses).toBeLessThan(two!.trusses)
    expect(two!.trusses).toBeLessThan(cage!.trusses)
    expect(single!.leafIndex).toBeLessThan(cage!.leafIndex)
    expect(single!.cuts).toBeGreaterThan(cage!.cuts)
  })
  it('show what a bush loses when it is pruned like a vine', () => {
    const [kept, pruned] = compare(bush, ['weave', 'single-stem'])
    expect(pruned!.trusses).toBeLessThan(kept!.trusses / 2)
  })
})

describe('every advice', () => {
  const anyPlant = fc.tuple(fc.constantFrom(vine, bush), fc.integer({ min: 5, max: 140 }))
  const anySystem = fc.constantFrom<Training>('single-stem', 'two-stems', 'three-stems', 'cage', 'sprawling')
  it('takes at most a third of the leaf in one session, unless it is a single part', () => {
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        const plant = grown(of, days)
        const { answer } = advise(plant, system)
        const now = answer.filter(({ due }) => due === undefined)
        const after = applyCuts(plant, now)
        const leafy = now.filter(({ organ }) => organ !== 'truss' && organ !== 'tip')
        if (leafy.length > 1) expect(after.leafArea).toBeGreaterThanOrEqual(plant.leafArea * 0.66)
        expect(after.leafArea).toBeLessThanOrEqual(plant.leafArea + 1e-9)
      }),
      { numRuns: 80 },
    )
  })
  it('once followed finds nothing more, or only what waits for its day', () => {
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        let plant = grown(of, days)
        // A rescue in stages: each session is worked out anew on what is left.
        for (let session = 0; session < 60; session++) {
          const { answer } = advise(plant, system)
          if (answer.length === 0) return
          const now = answer.filter(({ due }) => due === undefined)
          expect(now.length).toBeGreaterThan(0)
          plant = applyCuts(plant, now)
        }
        expect(advise(plant, system).answer).toEqual([])
      }),
      { numRuns: 60 },
    )
  })
  it('has stages that add up to the whole, a week apart', () => {
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        const plant = grown(of, days)
        const { answer } = advise(plant, system)
        const stages = stagesOf(answer, context.date)
        expect(stages.flatMap(({ cuts }) => cuts)).toHaveLength(answer.length)
        stages.slice(1).forEach(({ on }, index) => expect(daysBetween(stages[index]!.on, on)).toBe(7))
        const all = stages.reduce((left, { cuts }) => applyCuts(left, cuts), plant)
        expect(all.leafArea).toBeCloseTo(applyCuts(plant, answer).leafArea, 9)
      }),
      { numRuns: 60 },
    )
  })
  it('never takes a bush’s sucker over its first truss, nor any growing tip before the season’s end', () => {
    const met = { bush: 0, tip: 0 }
    fc.assert(
      fc.property(anyPlant, anySystem, ([of, days], system) => {
        const plant = grown(of, days)
        for (const { stem, organ, action } of advise(plant, system).answer) {
          if (of === bush) {
            met.bush++
            expect(['leaf', 'truss']).toContain(organ)
          }
          if (organ === 'tip') {
            met.tip++
            expect([stem === 0, action]).toEqual([false, 'tip-back'])
          }
        }
      }),
      { numRuns: 60, seed: 20260618 },
    )
    // Of both there were some.
    expect([met.bush > 0, met.tip > 0]).toEqual([true, true])
  })
  it('refuses what is no context', () => {
    expect(() => advise(grown(vine, 40), 'cage', { dailyDegreeDays: NaN })).toThrow(/dailyDegreeDays/)
  })
})
