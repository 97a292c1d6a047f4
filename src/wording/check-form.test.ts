import { array, object } from 'yup'
import { describe, expect, it } from 'vitest'
import { checkForm, soundOf } from './check-form'
import { decimalField, orNothing, quantityField, wholeField } from './fields'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'comma', dates: 'month-first' } as const

describe('a form read while it is typed', () => {
  const schema = object({ rate: decimalField(0, 20), pots: wholeField(1, 50, 'how many pots') })

  it('gives what is sound, and what is wrong with the rest', () => {
    expect(soundOf(schema, { rate: '2,5', pots: 'many' })).toEqual({
      values: { rate: 2.5, pots: null },
      all: null,
      faults: { pots: 'A whole number from 1 to 50, please.' },
    })
  })
  it('gives all once all is sound, and nothing that the form does not ask', () => {
    const { all, faults } = soundOf(schema, { rate: '.5', pots: '3', other: 'x' })
    expect(all).toEqual({ rate: 0.5, pots: 3 })
    expect(faults).toEqual({})
  })
  it('names a row’s fault as its control is named, and gives none of the rows', () => {
    const rows = object({ bags: array(schema).required(), rate: decimalField(0, 20) })
    const { values, faults } = soundOf(rows, {
      bags: [
        { rate: '1', pots: '1' },
        { rate: 'x', pots: '1' },
      ],
      rate: '4',
    })
    expect(Object.keys(faults)).toEqual(['bags.1.rate'])
    expect(values).toEqual({ bags: null, rate: 4 })
  })
  it('says the same as where it is kept', async () => {
    for (const typed of [
      { rate: '', pots: '' },
      { rate: '21', pots: '0' },
      { rate: '20', pots: '50' },
      { rate: '-0.1', pots: '1.5' },
    ]) {
      const kept = await checkForm(schema, typed)
      const { all, faults } = soundOf(schema, typed)
      expect('values' in kept ? kept.values : null).toEqual(all)
      expect('fields' in kept ? kept.fields : {}).toEqual(faults)
    }
  })
})

describe('a number', () => {
  const read = (typed: string, low = 0, high = 100) =>
    soundOf(object({ it: decimalField(low, high) }), { it: typed })
  it.each([
    ['12,5', 12.5],
    ['12.', 12],
    ['.5', 0.5],
    [' 7 ', 7],
    ['100', 100],
  ])('%s is %d', (typed, value) => expect(read(typed).values.it).toBe(value))
  it.each(['', 'twelve', '1e3', '-4', '.', '100.1', '1.2.3'])('%s is none', (typed) =>
    expect(read(typed).faults.it).toBe('From 0 to 100, please.'),
  )
  it('names a bound as small as it is', () => {
    expect(read('0', 0.001, 1000).faults.it).toBe('From 0.001 to 1,000, please.')
    expect(read('0.001', 0.001, 1000).values.it).toBe(0.001)
  })
})

describe('a quantity', () => {
  const field = (manner: typeof metric | typeof us, low: number | 'more than nothing', high: number) =>
    object({ it: quantityField('volume', manner, { low, high }) })
  it('is read in any unit, and held against bounds that are said in the garden’s own', () => {
    expect(soundOf(field(metric, 0, 10), { it: '2 cups' }).values.it).toBeCloseTo(0.4732, 4)
    expect(soundOf(field(us, 0.1, 10), { it: '20 L' }).faults.it).toBe(
      'From 6¾\u00a0tbsp to 2,6\u00a0gal, please.',
    )
  })
  it('may have to be more than nothing', () => {
    const schema = field(metric, 'more than nothing', 100)
    expect(soundOf(schema, { it: '0 L' }).faults.it).toBe('More than nothing, up to 100\u00a0L, please.')
    expect(soundOf(schema, { it: '1 mL' }).values.it).toBeCloseTo(0.001, 9)
    expect(soundOf(schema, { it: '101 L' }).all).toBeNull()
  })
  it('may be left out where nothing is an answer', () => {
    const schema = object({ head: orNothing(quantityField('length', metric, { low: 0, high: 50 })) })
    expect(soundOf(schema, { head: ' ' })).toEqual({
      values: { head: null },
      all: { head: null },
      faults: {},
    })
    expect(soundOf(schema, { head: '60 m' }).all).toBeNull()
  })
})
