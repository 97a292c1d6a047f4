import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { POST_MATERIALS, SUPPORTS } from '../facts'
import { planOf, willCagesDo, willItDo, type OwnPieces, type OwnVerdict, type SupportCase } from '.'

const vine: SupportCase = {
  cultivar: { crop: 'tomato', habit: 'indeterminate' },
  training: 'single-stem',
  plants: 6,
  spacing: 0.5,
  canopyHeight: 1.8,
  canopyWidth: 0.5,
  gust: 20,
  shelter: 0.7,
  soil: 'loose',
  wetness: 'medium',
  stemLength: 3.4,
}
const stakes: OwnPieces = { quantity: 6, length: 2.4, across: 0.032, material: 'hardwood' }
const rules = ({ reasons }: OwnVerdict) => reasons.map(({ rule }) => rule)
const instead = (verdict: OwnVerdict, rule: string) => verdict.instead.find((one) => one.rule === rule)

describe('what is in the shed', () => {
  it('cannot be judged before it is measured', () => {
    for (const unknown of ['length', 'across', 'material'] as const)
      expect(willItDo({ ...stakes, [unknown]: null }, 'stake', vine, 0.6)).toMatchObject({
        does: 'measure',
        wanted: 6,
      })
  })
  it('is not asked where nothing stands', () => {
    expect(willItDo(stakes, 'none', vine, 0.6)).toBeNull()
  })
  it('is told to be too short with the numbers: 1.8 m above and 0.6 m below make 2.4 m', () => {
    const verdict = willItDo({ ...stakes, length: 2.1 }, 'stake', vine, 0.6)!
    expect(verdict.does).toBe('no')
    const short = verdict.reasons.find(({ rule }) => rule === 'support.own-short')!
    expect(short.values).toMatchObject({ above: { value: 1.8 }, depth: { value: 0.6 } })
    expect(short.values.missing).toMatchObject({ value: expect.closeTo(0.3, 6) })
    expect(instead(verdict, 'support.own-longer')!.values.whole).toMatchObject({
      value: expect.closeTo(2.4, 6),
    })
    expect(instead(verdict, 'support.own-lower')!.values.above).toMatchObject({
      value: expect.closeTo(1.5, 6),
    })
  })
  it('is counted against what the row takes', () => {
    expect(rules(willItDo({ ...stakes, quantity: 4, across: 0.06 }, 'stake', vine, 0.6)!)).toContain(
      'support.own-few',
    )
  })
  it('does where it is what the plan itself would take', () => {
    for (const system of SUPPORTS)
      for (const shelter of [0, 0.5, 0.7, 1]) {
        const input = { ...vine, shelter }
        const plan = planOf(system, input)
        if (!plan.post || plan.anchored) continue
        const { material, diameter, length, embedment, count } = plan.post
        const pieces = { quantity: count, length, across: diameter, material }
        expect(willItDo(pieces, system, input, embedment), `${system} ${shelter}`).toMatchObject({
          does: 'yes',
        })
      }
  })
  const anyPieces = fc.record({
    quantity: fc.integer({ min: 0, max: 40 }),
    length: fc.double({ min: 1, max: 3, noNaN: true }),
    across: fc.double({ min: 0.008, max: 0.1, noNaN: true }),
    material: fc.constantFrom(...POST_MATERIALS),
  })
  const anyCase = fc.record({
    gust: fc.integer({ min: 10, max: 40 }),
    shelter: fc.constantFrom(0.5, 0.7, 1),
    plantsPerBay: fc.integer({ min: 1, max: 5 }),
    soil: fc.constantFrom('loose' as const, 'firm' as const),
  })
  const anySystem = fc.constantFrom('stake' as const, 'cage' as const, 'weave' as const, 'panel' as const)
  const anyDepth = fc.integer({ min: 4, max: 18 }).map((steps) => steps * 0.05)
  it('is judged whatever a shed may hold, at any gust', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(0.002, 0.01, 0.3, 1, 3),
        fc.constantFrom(...POST_MATERIALS),
        fc.constantFrom(10, 40),
        fc.constantFrom(...SUPPORTS),
        (across, material, gust, system) => {
          const wide = {
            ...vine,
            gust,
            shelter: 1,
            spacing: 1.5,
            canopyWidth: 1.5,
            aboveGround: 2.8,
            plantsPerBay: 6,
          }
          for (const depth of [0.2, 0.9])
            expect(
              willItDo({ quantity: 1, length: 2, across, material }, system, wide, depth)?.does,
            ).not.toBe('measure')
        },
      ),
    )
  })
  it('holds the more, the thicker and the deeper it is', () => {
    fc.assert(
      fc.property(anyPieces, anyCase, anySystem, anyDepth, (pieces, asked, system, depth) => {
        const long = { ...pieces, length: 6 }
        const does = (piece: OwnPieces, at: number) =>
          willItDo(piece, system, { ...vine, ...asked }, at)!.does
        if (does(long, depth) !== 'yes') return
        expect(does({ ...long, across: long.across * 1.2 }, depth)).toBe('yes')
        expect(does(long, depth + 0.1)).toBe('yes')
      }),
    )
  })
  it('does with each thing alone that is said to do, if it is long enough', () => {
    fc.assert(
      fc.property(anyPieces, anyCase, anySystem, anyDepth, (pieces, asked, system, depth) => {
        const input = { ...vine, ...asked }
        const long = { ...pieces, length: 6 }
        const verdict = willItDo(long, system, input, depth)!
        const value = (rule: string, name: string) =>
          Number(instead(verdict, rule)?.values[name]?.value ?? NaN)
        const deeper = value('support.own-deeper', 'depth')
        if (!Number.isNaN(deeper)) expect(willItDo(long, system, input, deeper)!.does).toBe('yes')
        const across = value('support.own-thicker', 'across')
        if (!Number.isNaN(across))
          expect(willItDo({ ...long, across }, system, input, depth)!.does).toBe('yes')
        const plantsPerBay = value('support.own-shorter-bays', 'plants')
        if (!Number.isNaN(plantsPerBay))
          expect(willItDo(long, system, { ...input, plantsPerBay }, depth)!.does).toBe('yes')
        if (instead(verdict, 'support.own-firmer'))
          expect(willItDo(long, system, { ...input, soil: 'firm' }, depth)!.does).toBe('yes')
      }),
    )
  })
})

describe('cages that are there', () => {
  const cages = { quantity: 6, length: 1.6, across: 0.5 }
  const row = { ...vine, spacing: 0.6 }
  it('do where they are high and wide enough and fit between the plants', () => {
    expect(willCagesDo(cages, row)).toMatchObject({ does: 'yes', instead: [] })
  })
  it('do not where the plants grow over them, are squeezed, or stand closer than they are wide', () => {
    expect(rules(willCagesDo({ ...cages, length: 0.9 }, row))).toEqual(['support.own-low'])
    expect(rules(willCagesDo({ ...cages, across: 0.3 }, row))).toEqual(['support.own-narrow'])
    expect(rules(willCagesDo({ ...cages, across: 0.7, quantity: 2 }, row))).toEqual([
      'support.own-wide',
      'support.own-few',
    ])
    expect(willCagesDo({ ...cages, across: null }, row).does).toBe('measure')
  })
})
