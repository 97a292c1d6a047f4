import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { SUPPORTS, type PostMaterial } from '../facts'
import {
  adviseSupport,
  bendingStress,
  breakDrops,
  cageMesh,
  cagesFromRoll,
  daysToHeights,
  designGust,
  embedmentFor,
  gustAt,
  LEAST_GUST,
  lateralCapacity,
  pinsFrom,
  planOf,
  stakeDistance,
  stemHeightAfter,
  stringLength,
  tiesUpTo,
  weaveMaterials,
  weaveTiers,
  windForce,
  type SupportCase,
} from '.'
import { sectionOf } from './post'

const slicer: SupportCase = {
  cultivar: { crop: 'tomato', habit: 'indeterminate' },
  training: 'two-stems',
  plants: 12,
  spacing: 0.5,
  canopyHeight: 1.8,
  canopyWidth: 0.65,
  gust: 20,
  shelter: 1,
  soil: 'loose',
  wetness: 'low',
  stemLength: 3.4,
}
const paste: SupportCase = {
  ...slicer,
  cultivar: { crop: 'tomato', habit: 'determinate' },
  training: 'weave',
  canopyHeight: 1.1,
}

describe('wind', () => {
  test('pushes with half the density, the solid area and the square of the speed', () => {
    expect(windForce({ gust: 20, height: 1, width: 1 })).toBeCloseTo(147, 6)
    expect(windForce({ gust: 20, height: 1.8, width: 0.5, shelter: 0.5 })).toBeCloseTo(33.075, 6)
    expect(windForce({ gust: 0, height: 1, width: 1 })).toBe(0)
  })
  test('is brought to another height by the profile of FAO-56, equation 47', () => {
    // Its own factor from 10 m to 2 m is 0.748.
    expect(gustAt(1, 10, 2)).toBeCloseTo(0.748, 3)
    expect(gustAt(gustAt(12, 10, 1.1), 1.1, 10)).toBeCloseTo(12, 9)
  })
  test('is three times the middle mean on record, and at least 20 m/s', () => {
    expect(designGust([])).toEqual({ gust: LEAST_GUST, onRecord: false })
    expect(designGust([1, 2, 3]).gust).toBe(LEAST_GUST)
    const { gust, onRecord } = designGust([2, 6, 14])
    expect(onRecord).toBe(true)
    expect(gustAt(gust, 10, 2)).toBeCloseTo(18, 9)
  })
  test('refuses what is no wind', () => {
    expect(() => windForce({ gust: NaN, height: 1, width: 1 })).toThrow(/gust/)
    expect(() => windForce({ gust: 10, height: 1, width: 1, shelter: 2 })).toThrow(/shelter/)
  })
})

describe('a post in loose ground', () => {
  test('gives way at the push worked out by hand', () => {
    // K_p = tan² 59° = 2.770; ½ × 14,000 × 0.05 × 0.6³ × 2.770 / 1.2.
    expect(lateralCapacity({ diameter: 0.05, embedment: 0.6, loadHeight: 0.6, soil: 'loose' })).toBeCloseTo(
      174.5,
      0,
    )
    expect(lateralCapacity({ diameter: 0.05, embedment: 0, loadHeight: 0.6, soil: 'firm' })).toBe(0)
  })
  test('bends by the moment worked out by hand', () => {
    // f = 0.816 √(100 / (38,777 × 0.05)) = 0.185 m; M = 102.4 N m; W = 1.227 × 10⁻⁵ m³.
    const stress = bendingStress({ diameter: 0.05 }, { force: 100, loadHeight: 0.9, soil: 'loose' })
    expect(stress / 1e6).toBeCloseTo(8.34, 2)
    expect(
      bendingStress({ diameter: 0.05, wall: 0.002 }, { force: 100, loadHeight: 0.9, soil: 'loose' }),
    ).toBeGreaterThan(stress)
  })
  test('of steel bends by its own section: a bar, a thin tube, a T', () => {
    const load = { force: 100, loadHeight: 0.9, soil: 'loose' as const }
    const stress = (material: PostMaterial, diameter: number) =>
      bendingStress({ diameter, ...sectionOf(material, diameter) }, load) / 1e6
    // W: π 0.013³/32 = 2.16e-7; π (0.023⁴ − 0.0206⁴)/(32 × 0.023) = 4.26e-7; 0.058 × 0.035³ = 2.49e-6 m³.
    const moment = (diameter: number) => 100 * (0.9 + (2 / 3) * 0.816 * Math.sqrt(100 / (38_777 * diameter)))
    expect(stress('steel-rod', 0.013)).toBeCloseTo(moment(0.013) / 2.157e-7 / 1e6, -1)
    expect(stress('conduit', 0.023) / (moment(0.023) / 4.258e-7 / 1e6)).toBeCloseTo(1, 2)
    expect(stress('steel-t', 0.035) / (moment(0.035) / 2.487e-6 / 1e6)).toBeCloseTo(1, 2)
    // A cage is held by rebar, a row in the open by steel where wood of its size would not do.
    expect(planOf('cage', { ...paste, shelter: 0.5 }).post!.material).toBe('steel-rod')
  })
  test('stands as deep as bears twice the push, and never less than the minimum', () => {
    const post = { diameter: 0.05, loadHeight: 0.55, soil: 'loose' as const }
    const embedment = embedmentFor({ ...post, force: 112 })
    expect(lateralCapacity({ ...post, embedment })).toBeCloseTo(224, 3)
    expect(embedmentFor({ ...post, force: 0 })).toBe(0.45)
    expect(() => embedmentFor({ ...post, force: 1e6 })).toThrow(/force/)
  })
  test('stands deeper the harder it is pushed, and shallower in firm ground', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0.016, max: 0.1, noNaN: true }),
        (force, more, diameter) => {
          const at = (push: number, soil: 'loose' | 'firm') =>
            embedmentFor({ force: push, diameter, loadHeight: 0.9, soil })
          expect(at(force + more, 'loose')).toBeGreaterThanOrEqual(at(force, 'loose') - 1e-9)
          expect(at(force, 'firm')).toBeLessThanOrEqual(at(force, 'loose') + 1e-9)
        },
      ),
    )
  })
})

describe('a weave', () => {
  const row = { plants: 12, spacing: 0.5, plantsPerBay: 3, height: 1.1, sectional: true }
  test('takes posts, tiers and twine as counted by hand', () => {
    // Five tiers; along both sides 2.1 × 6 m; a wrap of 0.0942 m; four bays of four wraps and a tail, or three wraps.
    const wrap = Math.PI * 0.03
    expect(weaveTiers(1.1)).toHaveLength(5)
    const sectional = weaveMaterials(row)
    expect(sectional).toMatchObject({ posts: 5, bays: 4, tiers: 5 })
    expect(sectional.twine).toBeCloseTo(5 * (12.6 + 4 * (4 * wrap + 0.3)), 9)
    expect(weaveMaterials({ ...row, sectional: false }).twine).toBeCloseTo(5 * (12.6 + 3 * wrap), 9)
    expect(weaveMaterials({ ...row, plants: 13 })).toMatchObject({ posts: 6, bays: 5 })
  })
  test('takes no less twine in sections, and drops a bay instead of the row', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 1, max: 6 }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (plants, plantsPerBay, height) => {
          const one = { ...row, plants, plantsPerBay, height }
          expect(weaveMaterials(one).twine).toBeGreaterThanOrEqual(
            weaveMaterials({ ...one, sectional: false }).twine,
          )
          expect(breakDrops(one)).toBeLessThanOrEqual(breakDrops({ ...one, sectional: false }))
        },
      ),
    )
    expect(breakDrops({ plants: 2, plantsPerBay: 3, sectional: true })).toBe(2)
  })
  test('refuses a bay of nothing', () => {
    expect(() => weaveMaterials({ ...row, plantsPerBay: 0 })).toThrow(/plantsPerBay/)
    expect(() => weaveMaterials({ ...row, plants: 1.5 })).toThrow(/plants/)
  })
})

test('lengths: mesh, string, ties, pins, and how far off a stake goes', () => {
  expect(cageMesh(0.6)).toBeCloseTo(2.035, 3)
  expect(cagesFromRoll(15, 0.6)).toBe(7)
  expect(stringLength(2.1, 0.9)).toBeCloseTo(3.5, 9)
  expect(tiesUpTo(1.8)).toBe(7)
  expect(pinsFrom(3)).toBe(10)
  expect([0, 14, 60].map(stakeDistance)).toEqual([0.08, 0.1, 0.15])
})

describe('growth in height', () => {
  test('of a vine goes on, of a bush ends', () => {
    const vine = slicer.cultivar
    // 80 °C d are lost to setting out; ten nodes of 32 °C d and 7 cm after that.
    expect(stemHeightAfter(vine, 'two-stems', 400)).toBeCloseTo(0.9, 9)
    expect(stemHeightAfter(vine, 'two-stems', 1400)).toBeGreaterThan(3)
    expect(stemHeightAfter(paste.cultivar, 'weave', 1400)).toBe(1.05)
  })
  test('tells the day on which each tier is due', () => {
    const days = daysToHeights(paste.cultivar, 'weave', new Array<number>(40).fill(14), [0.22, 0.44, 5])
    expect(days).toEqual([6, 16, null])
  })
})

describe('support advice', () => {
  test('ties a bush in a weave, a vine to stakes or strings, and lets a dwarf stand', () => {
    expect(adviseSupport(paste).answer.system).toBe('weave')
    expect(adviseSupport({ ...paste, plants: 40 }).answer.suits).toBe('well')
    expect(['stake', 'string']).toContain(adviseSupport(slicer).answer.system)
    expect(
      adviseSupport({ ...slicer, cultivar: { crop: 'tomato', habit: 'dwarf' }, training: 'bush' }).answer
        .system,
    ).toBe('none')
  })
  test('says what does not suit, and still works it out when asked', () => {
    const advice = adviseSupport({ ...paste, system: 'string' })
    expect(advice.answer).toMatchObject({ system: 'string', suits: 'no' })
    expect(advice.reasons[0]).toMatchObject({ rule: 'support.suits-no', weight: 'warns' })
  })
  test('every post bears the wind it is meant for, or is told to be anchored', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SUPPORTS),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.constantFrom(1, 0.7, 0.5),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 6 }),
        (system, gust, shelter, plants, plantsPerBay) => {
          const { answer, alternatives } = adviseSupport({
            ...slicer,
            system,
            gust,
            shelter,
            plants,
            plantsPerBay,
          })
          expect(alternatives).toHaveLength(SUPPORTS.length - 1)
          for (const plan of [answer, ...alternatives.map(({ answer }) => answer)]) {
            for (const { quantity, length } of plan.needs) {
              expect(quantity).toBeGreaterThan(0)
              expect(length === null || length > 0).toBe(true)
            }
            expect(Number.isFinite(plan.minutes)).toBe(true)
            if (!plan.post) continue
            expect(plan.post.embedment).toBeLessThanOrEqual(0.9)
            if (!plan.anchored) expect(plan.holds).toBeGreaterThanOrEqual(gust - 1e-6)
          }
        },
      ),
    )
  })
  test('a longer bay loads its posts harder', () => {
    const bay = (plantsPerBay: number) => adviseSupport({ ...paste, system: 'weave', plantsPerBay }).answer
    expect(bay(4).force).toBeGreaterThan(bay(2).force)
    expect(bay(4).post!.count).toBeLessThan(bay(2).post!.count)
  })
  test('a vine on a string is lowered each time its tip reaches the beam, a bush never', () => {
    const plan = adviseSupport({ ...slicer, system: 'string' }).answer
    expect(plan.lowerings[0]).toBe(plan.aboveGround)
    expect(plan.lowerings[1]).toBeCloseTo(plan.aboveGround + 0.35, 9)
    expect(adviseSupport({ ...paste, system: 'string' }).answer.lowerings).toEqual([])
  })
  test('refuses no plants and no spacing', () => {
    expect(() => adviseSupport({ ...slicer, plants: 0 })).toThrow(/plants/)
    expect(() => adviseSupport({ ...slicer, spacing: 0 })).toThrow(/spacing/)
  })
})
