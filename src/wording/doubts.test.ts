import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../core/calendar'
import { sayDoubt } from './doubts'
import { fillIn } from './say'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'point', dates: 'month-first' } as const
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('a doubt in words', () => {
  it('asks with what it might have been, in the gardener’s units', () => {
    const doubt = { why: 'over-place', refuse: false, place: 'Bed 1', litres: 6000, holds: 430 } as const
    const asked = sayDoubt(doubt, metric)
    expect(plain(asked.message)).toBe(
      '6000 L is more than Bed 1 can hold at once, which is about 430 L. Is it 6 L?',
    )
    expect(asked.ask).toBe(true)
    expect(plain(sayDoubt(doubt, us).message)).toMatch(/gal/)
  })
  it('refuses without asking, and says what would be right', () => {
    const doubt = {
      why: 'before',
      refuse: true,
      kind: 'cleared',
      first: 'set-out',
      on: '2026-05-12' as IsoDate,
    } as const
    expect(sayDoubt(doubt, metric)).toEqual({ message: expect.stringContaining('12 May 2026') as string })
  })
})

describe('a value beside its limit', () => {
  const cold = (soil: number) =>
    plain(
      fillIn(
        'The soil is {soil}; under {limit} roots stand still.',
        {
          rule: 'depth.wait-cold',
          values: { soil: { kind: 'temperature', value: soil }, limit: { kind: 'temperature', value: 16 } },
          weight: 'decides',
        },
        metric,
      ),
    )
  it('has the digits that tell them apart, and no more', () => {
    expect(cold(15.5)).toBe('The soil is 15.5 °C; under 16 °C roots stand still.')
    expect(cold(15.96)).toBe('The soil is 15.96 °C; under 16 °C roots stand still.')
    expect(cold(12.4)).toBe('The soil is 12 °C; under 16 °C roots stand still.')
  })
})
