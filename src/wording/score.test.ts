import { describe, expect, it } from 'vitest'
import { isoDate } from '../core/calendar'
import { scoreOf, type Hindcast, type ScoreKind } from '../core/score'
import { MANNERS } from '../test/said-faults'
import { leadName, sayBias, sayError, saySays, sayScore, sayTooFew, scoreName } from './score'

const plain = (said: string) => said.replace(/[\u00a0\u202f]/g, ' ')
const metric = { ...MANNERS[0]!, units: 'metric', decimals: 'point' } as (typeof MANNERS)[number]
const us = { ...metric, units: 'us' } as typeof metric
const came = (
  kind: ScoreKind,
  errors: readonly (number | null)[],
  inside: boolean | null = true,
): Hindcast[] =>
  errors.map((error, at) => ({
    kind,
    crop: kind === 'soil' || kind === 'water' ? null : 'tomato',
    subject: { type: 'planting', id: `p${at}` },
    on: isoDate('2026-06-10'),
    lead: 21,
    error,
    inside,
  }))

describe('what is said of forecasts', () => {
  it('is an error in its own measure and to its side', () => {
    expect(plain(sayError('first-flower', 3.04, metric))).toBe('3 days later')
    expect(plain(sayError('first-flower', -1, metric))).toBe('1 day earlier')
    expect(plain(sayError('first-flower', 0.02, metric))).toBe('as forecast')
    expect(plain(sayError('crop', -0.37, metric))).toBe('37 % less')
    expect(plain(sayError('soil', -2, metric))).toBe('2 °C colder')
    expect(plain(sayError('soil', -2, us))).toBe('3.6 °F colder')
    expect(plain(sayError('water', 0.2, metric))).toBe('20 % drier')
  })
  it('tells chance from a bias, and ranges that were too narrow', () => {
    const says = (errors: number[], inside: boolean) =>
      saySays('first-ripe', scoreOf(came('first-ripe', errors, inside))[0]!.cells[0]!.says!, metric)
    expect(plain(says([4, 5, 6, 5, 5], false))).toBe(
      'It came 5 days later than forecast. The ranges given were too narrow.',
    )
    expect(plain(says([-9, 9, -8, 9, 4], true))).toBe('On average it came 1 day later, which may be chance.')
    expect(plain(says([0, 0, 0, 0, 0], true))).toBe('On average it came as forecast.')
  })
  it('begins with what is off the most, or that nothing is, or that it is too early to say', () => {
    const rows = scoreOf([
      ...came('first-flower', [2, 2, 2, 2, 3]),
      ...came('first-ripe', [-9, -9, -8, -9, -9]),
    ])
    const { headline, detail } = sayScore(rows, metric)
    expect(plain(headline)).toBe('First fruit picked, tomatoes: 8.8 days earlier than forecast')
    expect(plain(detail)).toBe('First flower, tomatoes: 2.2 days later than forecast.')
    expect(sayScore(scoreOf(came('soil', [0.1, 0, -0.1, 0, 0])), metric).headline).toBe(
      'The forecasts came true on average',
    )
    expect(sayScore(scoreOf(came('soil', [4])), metric).headline).toBe('Too few forecasts to judge yet')
    expect(sayTooFew(scoreOf(came('soil', [4]))[0]!)).toBe('Soil temperature: 1 of 5')
  })
  it('names what is foretold, and how long before', () => {
    expect(scoreName({ kind: 'seedlings', crop: 'pepper' })).toBe('Seedlings show, peppers')
    expect([leadName('soil', 7), leadName('water', 21), leadName('last-frost', null)]).toEqual([
      '1 week ahead',
      '3 weeks without a reading',
      'From winter on',
    ])
    expect(
      plain(
        sayBias({ of: 'first-flower', crop: 'pepper', days: -1, late: -2.4, count: 7, lead: 21 }, metric),
      ),
    ).toBe(
      'First flower, peppers: 1 day earlier. 7 forecasts made 3 weeks ahead came 2.4 days early on average.',
    )
  })
})
