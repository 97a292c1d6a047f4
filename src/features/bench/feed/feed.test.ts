import { describe, expect, it } from 'vitest'
import { isoDate } from '../../../core/calendar'
import { adviseFeed, COMMON_PRODUCTS, strengthFor, totalDemand } from '../../../core/feeding'
import { dayOf } from '../../../core/garden-day'
import { demoState } from '../../../data/demo/demo-state'
import { soundOf } from '../../../wording/check-form'
import { feedByHandSchema, seasonsWant } from './by-hand.model'
import { courseOf, fedOf, feedSchema, madeUp, type Course } from './form.model'
import { doseOfPlant, doseSchema } from './plant-dose.model'
import { feedView } from './queries'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'comma', dates: 'month-first' } as const
type Style = typeof metric | typeof us
const meal = COMMON_PRODUCTS.find(({ name }) => name === 'Seed meal')!
const liquid = { ...meal, liquid: true, labelRate: 5, bulkDensity: 1.2 }

describe('a season’s want', () => {
  const want = (typed: object, manner: Style = metric) => {
    const { all } = soundOf(feedByHandSchema(manner), {
      crop: 'tomato',
      plants: '6',
      fruit: '4 kg',
      ...typed,
    })
    return all && seasonsWant(all, manner)
  }
  it('follows the fruit that is hoped for, and a third of it is a feed', () => {
    const { n } = totalDemand('tomato', 24)
    expect(want({})!.each).toBeCloseTo(n / 18, 9)
    expect(want({})!.answer).toBe(`${Math.round(n)}\u00a0g of nitrogen over the season`)
    expect(want({ fruit: '8 kg', plants: '3' })!.answer).toBe(want({})!.answer)
  })
  it('is not told of half a form', () => {
    expect(want({ plants: '0' })).toBeNull()
    expect(want({ fruit: 'much' })).toBeNull()
  })
  it('weighs in pounds and ounces where those are used', () =>
    expect(want({ fruit: '9 lb' }, us)!.line).toContain('× 9\u00a0lb ×'))
})

describe('a plant’s dose', () => {
  const dose = (typed: object, plants: number | null = null, manner: Style = metric) =>
    doseOfPlant(meal, soundOf(doseSchema, { laying: 'ring', nitrogen: '2', ...typed }).all!, plants, manner)
  it('is the nitrogen over its share, and by the spoon over its density', () => {
    expect(dose({}).line).toBe(
      `2 g of N ÷ ${meal.n} % = ${Math.round(200 / meal.n)} g; ÷ ${meal.bulkDensity} g/mL = ${Math.round(200 / meal.n / meal.bulkDensity)} mL.`,
    )
    expect(dose({}, 4).where).toMatch(
      /^, \d+\u00a0g for all 4, from \d+\u00a0cm to \d+\u00a0cm from the stem: /,
    )
  })
  it('lies within the hole where it goes there', () =>
    expect(dose({ laying: 'hole' }).where).toMatch(/^, within .* of the root ball: /))
  it('asks a band for what carries a box through its season', () =>
    expect(dose({ laying: 'band', nitrogen: '10' }).note).toContain('ten grams'))
  it('is told in ounces, inches and spoons where those are used', () => {
    const { each, where } = dose({}, null, us)
    expect(each).toMatch(/oz \(.*(tbsp|tsp|cup)/)
    expect(where).toMatch(/\u00a0in from the stem/)
  })
})

describe('a feed that is tried', () => {
  const read = (typed: object, manner: Style = metric) =>
    soundOf(feedSchema(manner), { product: meal.id, amount: '100', water: '10 L', strength: '½', ...typed })
  it('takes a bare number as grams, in any garden', () => {
    expect(read({}).values.amount).toBeCloseTo(0.1, 9)
    expect(read({}, us).values.amount).toBeCloseTo(0.1, 9)
    expect(read({ amount: '0' }).values.amount).toBeNull()
  })
  it('is made up by its label at a share of the rate, and weighed by its density', () => {
    expect(madeUp(liquid, read({}).values, 5, metric)).toEqual({
      amount: '30 g',
      dose: '25\u00a0mL',
      into: 'in 10\u00a0L, 2\u00a0L per plant',
    })
    expect(madeUp({ ...meal, labelRate: null }, read({}).values, 5, metric)).toBeNull()
    expect(madeUp(liquid, read({ water: 'x' }).values, 5, metric)).toBeNull()
  })
  it('is put on the ledger’s day, never before it begins', () => {
    expect(fedOf(meal, 0.25, 40)).toMatchObject({ day: 40, grams: 250, n: meal.n })
    expect(fedOf(meal, 0.25, -3).day).toBe(0)
  })
})

describe('a course of a feed', () => {
  const fed = fedOf(meal, 0.1, 40)
  it('goes on every week or two, as far as the season does', () => {
    const days = (often: Course | null, times: number | null) =>
      courseOf(fed, { often, times }, 60).map(({ day }) => day)
    expect(days('once', 4)).toEqual([40])
    expect(days('every week', 4)).toEqual([40, 47, 54])
    expect(days('every two weeks', 2)).toEqual([40, 54])
    expect(days('every week', null)).toEqual([40])
  })
})

describe('what a place is fed', () => {
  const day = dayOf(demoState(), isoDate('2026-06-18'))
  const detailOf = (name: string) => {
    const { id } = feedView(day, undefined).places.find((place) => place.name === name)!
    return feedView(day, id).chosen!
  }
  it('is judged with what is tried: a gap is filled, and too much is said to be', () => {
    const { ledger, school, count, mix } = detailOf('Pot 7')
    expect(mix).not.toBeNull()
    const granules = COMMON_PRODUCTS.find(({ name }) => name === 'Balanced granules')!
    const course = (kilograms: number) =>
      courseOf(fedOf(granules, kilograms, ledger.today), { often: 'every week', times: 6 }, ledger.days)
    expect(adviseFeed(ledger, school, count, course(mix!.grams / 1000)).mix).toBeNull()
    expect(adviseFeed(ledger, school, count, course(1)).glut).toBe(true)
    // The next question is answered without it.
    expect(adviseFeed(ledger, school, count).mix!.grams / mix!.grams).toBeCloseTo(1, 3)
  })
  it('is a half or a third of a strong soluble feed where the ground gives the rest', () => {
    const product = (name: string) => COMMON_PRODUCTS.find((one) => one.name === name)!
    const shares = feedView(day, undefined).places.map(({ name }) => {
      const { ledger, gap, mix } = detailOf(name)
      const strength = strengthFor(ledger, product('Balanced granules'))!
      if (gap.n === 0) expect(strength.share, name).toBeCloseTo(1 / 3, 9)
      return { mix, ...strength }
    })
    expect(new Set(shares.map(({ share }) => share)).size).toBeGreaterThan(1)
    for (const { share, given } of shares) expect(share).toBe(given >= 0.8 ? 1 / 3 : given >= 0.5 ? 0.5 : 1)
    expect(strengthFor(detailOf('Pot 7').ledger, product('Seed meal'))).toBeNull()
    expect(strengthFor(detailOf('Pot 7').ledger, product('Fish feed'))).toBeNull()
  })
})
