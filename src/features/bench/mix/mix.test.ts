import { describe, expect, it } from 'vitest'
import { COMMON_PRODUCTS, knownFeeds } from '../../../core/feeding'
import { RECIPE_PARTS } from '../../../core/containers'
import { soundOf } from '../../../wording/check-form'
import { bagOf, blendOf, blendSchema, fedBlend, readRatio, solved, type TypedBag } from './blend.model'
import { dilution, dilutionSchema, solutionNote, usualDilution } from './dilute.model'
import { injection, injectorSchema, usualInjector } from './injector.model'
import { pottingMix, pottingSchema, typedParts } from './potting.model'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'comma', dates: 'month-first' } as const

describe('a can', () => {
  const made = (typed: object, strength = 0.5, manner: typeof metric | typeof us = metric) =>
    dilution(
      soundOf(dilutionSchema(manner), { ...usualDilution(manner), ...typed }).values,
      null,
      strength,
      manner,
    )
  it('takes the label’s rate times the strength times the water', () => {
    expect(made({ rate: '3', water: '10 L' })).toMatchObject({
      answer: '15 g or mL into 10\u00a0L',
      overLabel: false,
    })
    expect(made({ rate: '3', water: '10 L' })!.lines[0]).toBe('3 per liter × 0.5 × 10 L = 15 g or mL')
  })
  it('warns over the label’s rate', () => {
    expect(made({}, 1)!.overLabel).toBe(false)
    expect(made({}, 1.5)!.overLabel).toBe(true)
  })
  it('tells nitrogen and salt where their numbers are sound, and the rest anyway', () => {
    // 1 g/L of 12 % is 120 mg/L of N.
    expect(made({ rate: '2' })!.lines[1]).toBe('1 g/L × 12 % × 10 = 120 mg/L of N')
    expect(made({ nitrogen: 'x' })!.lines).toHaveLength(2)
    expect(made({ nitrogen: 'x', source: '' })!.lines).toHaveLength(1)
    expect(made({ water: '0 L' })).toBeNull()
  })
  it('is written as the garden writes its numbers', () => {
    expect(made({ rate: '2,5', water: '1 gal' }, 1, us)).toMatchObject({
      answer: '9,5 g or mL into 1\u00a0gal',
    })
    expect(solutionNote(us)).toContain('pH 5,8–6,3')
  })
  it('weighs a liquid by its density', () => {
    const feed = {
      ...COMMON_PRODUCTS[0]!,
      liquid: true,
      bulkDensity: 1.2,
      labelRate: 5,
    }
    const values = soundOf(dilutionSchema(metric), { ...usualDilution(metric), rate: '5' }).values
    expect(dilution(values, feed, 1, metric)).toMatchObject({
      answer: '50\u00a0mL into 10\u00a0L',
      lines: expect.arrayContaining(['5 mL/L × 1.2 g/mL = 6 g/L']),
    })
  })
})

describe('an injector’s stock', () => {
  const made = (typed: object) =>
    injection(soundOf(injectorSchema, { ...usualInjector(metric), ...typed }).values, metric)
  it('is the target times the ratio over what the feed holds', () => {
    // 150 mg/L × 100 ÷ 200 mg/g = 75 g/L.
    expect(made({})!.answer).toBe('75 g per liter of stock')
    expect(made({})!.lines[1]).toBe('75 g/L × 20 L = 1.5 kg for the tank, enough for 2 m³ of feed')
  })
  it('needs no tank to be told, and tells what the meter shows at the outlet', () => {
    const { lines } = made({ tank: '' })!
    expect(lines).toHaveLength(2)
    // 75 g/L through 1:100 is 0.75 g/L: 0.4 + 0.75 × 0.8 on urea, × 1.1 by a label that says so.
    expect(made({ form: 'urea' })!.lines.at(-1)).toContain('EC about 1 mS/cm, from its kind of nitrogen')
    expect(made({ form: 'urea', labelEc: '1.1' })!.lines.at(-1)).toContain('EC about 1.2 mS/cm, by its label')
  })
  it('is not told from half of its numbers', () => expect(made({ ratio: 'x' })).toBeNull())
})

describe('a potting mix', () => {
  const mix = (typed: object, manner: typeof metric | typeof us = metric) => {
    const usual = {
      pot: '20 L',
      pots: '4',
      bag: '40 L',
      parts: typedParts(RECIPE_PARTS['bark-base'], metric),
    }
    return pottingMix(soundOf(pottingSchema(manner), { ...usual, ...typed }).all, manner)
  }
  it('fills the pots once it has settled, in the recipe’s shares', () => {
    const { answer, bill, packs } = mix({})!
    // 4 × 20 L ÷ 0.875.
    expect(answer).toBe('91.4\u00a0L of loose mix for 4 pots')
    const litres = Object.fromEntries(bill.map((line) => [line.component, line.litres]))
    expect(litres.bark! / litres.compost!).toBeCloseTo(5 / 3, 9)
    expect(packs).toBe(false)
  })
  it('takes an empty part for none, and asks for one at the least', () => {
    const none = typedParts({}, metric)
    expect(mix({ parts: { ...none, coir: '1' } })!.bill.map(({ component }) => component)).toEqual(['coir'])
    expect(mix({ parts: none })).toBeNull()
    expect(mix({ parts: { ...none, coir: 'x' } })).toBeNull()
  })
  it('warns of garden soil in a pot', () =>
    expect(mix({ parts: typedParts(RECIPE_PARTS['raised-bed'], metric) })!.packs).toBe(true))
  it('speaks gallons and pounds in a garden that does', () => {
    const { answer, lines } = mix({ pots: '1', pot: '5 gal' }, us)!
    expect(answer).toBe('5,7\u00a0gal of loose mix for 1 pot')
    expect(lines.join(' ')).not.toMatch(/\d (L|kg)\b/)
  })
})

describe('a blend of bags', () => {
  const product = (name: string) => knownFeeds([]).find((one) => one.name === name)!
  const bags = (...list: [name: string, volume: string][]): TypedBag[] =>
    list.map(([name, volume]) => bagOf(product(name), volume, metric))
  const read = (typed: TypedBag[], manner: typeof metric | typeof us = metric) =>
    soundOf(blendSchema(manner), { bags: typed, ratio: '3-1-4', nitrogen: '20' })

  it('of one bag is that bag', () => {
    const { n, p2o5, k2o, bulkDensity } = product('Bone meal')
    const { bags: sound } = read(bags(['Bone meal', '200 mL'])).values
    const blend = blendOf(sound!, metric)
    expect(blend.mass).toBeCloseTo(200 * bulkDensity, 6)
    expect([blend.n, blend.p2o5, blend.k2o]).toEqual([n, p2o5, k2o].map((one) => expect.closeTo(one, 9)))
  })
  it('reads a bare number as mL, and as cups where those are used', () => {
    const volume = (manner: typeof metric | typeof us) =>
      read(bags(['Bone meal', '2']), manner).values.bags![0]!.volume
    expect(volume(metric)).toBeCloseTo(0.002, 6)
    expect(volume(us)).toBeCloseTo(0.4732, 4)
  })
  it('is nothing yet while all is empty', () => {
    expect(blendOf(read(bags(['Bone meal', '0'])).values.bags!, metric)).toMatchObject({
      mass: 0,
      answer: null,
      holds: null,
    })
  })
  it('refuses an analysis over 100 %, at its own field', () => {
    const [bag] = bags(['Bone meal', '1'])
    const { faults } = read([{ ...bag!, n: '60', p2o5: '30', k2o: '20' }])
    expect(faults).toEqual({ 'bags.0.k2o': 'Over 100 % together.' })
  })
  it('reaches a ratio whatever the volumes said before, with the nitrogen asked for', () => {
    const typed = bags(['Seed meal', ''], ['Bone meal', 'some'], ['Sulfate of potash', '1'])
    const found = solved(typed, readRatio('3-1-4')!, 20, metric)!
    expect(found.said).toBe('These volumes give the ratio you asked for.')
    const next = typed.map((bag, at) => ({ ...bag, volume: found.volumes![at]! }))
    const blend = blendOf(read(next).values.bags!, metric)
    // What is measured out is rounded to what one can measure.
    expect(blend.n / blend.p2o5).toBeCloseTo(3, 0)
    expect((blend.mass * blend.n) / 100 / 20).toBeCloseTo(1, 1)
  })
  it('says how far off it stays, and which bag is missing', () => {
    expect(solved(bags(['Seed meal', '1']), readRatio('1-0-9')!, 20, metric)!.said).toMatch(
      /^These bags cannot reach it. This is the nearest blend, \d+° off/,
    )
    expect(solved(bags(['Sulfate of potash', '1']), readRatio('3-1-4')!, 20, metric)).toEqual({
      volumes: null,
      said: 'None of these bags has nitrogen. Add one that does.',
    })
    expect(solved([{ ...bags(['Bone meal', '1'])[0]!, n: 'x' }], readRatio('1-1-1')!, 20, metric)).toBeNull()
  })
  it('is entered under its bags’ names, as slow as its slowest', () => {
    const { bags: sound } = read(bags(['Sulfate of potash', '100'], ['Bone meal', '100'])).values
    expect(fedBlend(sound!, blendOf(sound!, metric))).toMatchObject({
      name: 'Sulfate of potash + Bone meal',
      release: 'meal',
    })
  })
})

describe('a ratio', () => {
  it.each([
    ['3-1-4', { n: 3, p2o5: 1, k2o: 4 }],
    ['3:1:4', { n: 3, p2o5: 1, k2o: 4 }],
    ['1,5 – 0 – 2', { n: 1.5, p2o5: 0, k2o: 2 }],
  ])('%s', (text, ratio) => expect(readRatio(text)).toEqual(ratio))
  it.each(['', '3-1', '0-0-0', 'a-b-c', '3-1-4-5'])('is not %s', (text) => expect(readRatio(text)).toBeNull())
})
