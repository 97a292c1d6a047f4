import { describe, expect, it } from 'vitest'
import type { Call, CallAnswer } from '../core/calls'
import { isoDate } from '../core/calendar'
import { lookWords, sayBooking, sayCall, sayDone, sayWhen, sayWindow } from './calls'
import { easeOf, wordsOf } from '../test/plain-words'
import { REASONS } from './reasons'
import { FIRST_REASONS } from './first-dates'
import { sayAnswered, sayBring, sayPressing, sayRound, sayRoundWeather } from './round'
import { faultsOf, longSentences, MANNERS } from '../test/said-faults'
import { sayOdds } from './say'
import { written } from './written'

const today = isoDate('2026-06-18')

const call = (answer: CallAnswer) => answer
const CALLS: CallAnswer[] = [1, 2, 12].flatMap((plants) => [
  call({ kind: 'sow', seeds: plants, plants, depth: 0.006 }),
  call({ kind: 'get', plants }),
  call({ kind: 'look-for-loops', plants }),
  call({ kind: 'pot-up', plants, potVolume: 0.5 }),
  ...[true, false].map((rest) =>
    call({ kind: 'harden', day: plants, hours: plants, sun: rest, wind: false, nightOut: plants > 2, rest }),
  ),
  call({ kind: 'read-soil', depth: 0.1, expected: 16.4 }),
  call({ kind: 'set-out', plants, go: true, suits: null }),
  call({ kind: 'set-out', plants, go: false, suits: null }),
  call({ kind: 'set-out', plants, go: false, suits: today }),
  call({ kind: 'cover', nightLow: 1.4 }),
  call({ kind: 'look-for-flowers' }),
  ...[true, false].map((first) => call({ kind: 'pick', first })),
  call({ kind: 'top' }),
  ...(['frost', 'borne'] as const).map((why) => call({ kind: 'clear', why })),
  call({ kind: 'water', litres: plants * 3.5, dripMinutes: null, splits: 1 }),
  call({ kind: 'water', litres: plants * 3.5, dripMinutes: 61, splits: 3 }),
  call({ kind: 'feed', product: 'Balanced granules', grams: 12 * plants, plants }),
  call({
    kind: 'tend',
    works: ['tie'],
    plants,
    cuts: { sucker: plants, leaf: plants, truss: 0, tip: 0 },
    alike: [],
  }),
  call({ kind: 'tend', works: ['tier'], plants, cuts: { sucker: 0, leaf: 0, truss: 1, tip: 1 }, alike: [] }),
  call({ kind: 'vent', opens: 10.5, shuts: null }),
  call({ kind: 'vent', opens: 9, shuts: 17.25 }),
  call({ kind: 'shake' }),
  call({ kind: 'shade' }),
  call({ kind: 'scout', plants, every: 7 }),
  call({ kind: 'follow', case: 'x', cause: null }),
  call({ kind: 'follow', case: 'x', cause: 'early-blight' }),
])

describe('what the round says', () => {
  const said = MANNERS.flatMap((manner) =>
    CALLS.flatMap((answer) => {
      const look = lookWords(answer)
      return [
        sayCall(answer, manner),
        sayDone(answer, manner),
        ...(answer.kind === 'tend' ? [sayBooking(answer, ['1', '2', '12'])] : []),
        ...(look ? [look.found, look.notYet] : []),
      ]
    }),
  )
  it('counts one as one', () => {
    for (const text of said) {
      expect(text).not.toMatch(/(?<![\d.,])1 (plants|seeds|suckers|leaves|tips|flower clusters|portions)\b/)
      expect(text).not.toMatch(/\b(0|[2-9]|1\d) (plant|seed|sucker|leaf|tip|flower cluster|day)\b(?!s)/)
    }
  })
  it('says every value with one unit, in the garden’s own', () => {
    for (const text of said) {
      expect(text).not.toMatch(/undefined|NaN|null|[{}]/)
      expect(text).not.toMatch(/\b(L|g|kg|cm|min)\s+\1\b/)
    }
    const us = MANNERS.filter(({ units }) => units === 'us').flatMap((manner) =>
      CALLS.map((answer) => sayCall(answer, manner)),
    )
    for (const text of us) expect(text).not.toMatch(/\d\s(L|mL|g|kg|cm|mm|°C)\b/)
  })
  it('says one thing to do, which one can say in a breath', () => {
    for (const text of said) expect(wordsOf(text).length, text).toBeLessThanOrEqual(24)
  })
  it('asks the plants what only they can tell, and answers in words that fit', () => {
    for (const answer of CALLS) {
      const isQuestion = sayCall(answer, MANNERS[0]!).endsWith('?')
      if (lookWords(answer)) expect(isQuestion, answer.kind).toBe(true)
    }
  })
  it('says how late a thing is, and from when it may be done', () => {
    const window = (due: string, until: string | null): Call['window'] => ({
      from: isoDate(due),
      due: isoDate(due),
      until: until === null ? null : isoDate(until),
    })
    const [manner] = MANNERS
    const when = (urgency: Call['urgency'], due: string, until: string | null) =>
      sayWhen({ urgency, window: window(due, until) }, today, manner!)
    expect(when('late', '2026-06-01', '2026-06-17')).toBe('1 day late')
    expect(when('late', '2026-06-01', '2026-06-14')).toBe('4 days late')
    expect(when('tonight', '2026-06-18', null)).toBe('before tonight')
    expect(when('today', '2026-06-18', '2026-06-18')).toBe('today')
    expect(when('today', '2026-06-14', '2026-06-21')).toBe('by 21 Jun')
    expect(sayWindow(window('2026-06-14', null), today, manner!)).toBe('due since 14 Jun')
    expect(sayWindow(window('2026-06-18', null), today, manner!)).toBe('due today')
    expect(sayWindow(window('2026-06-20', null), today, manner!)).toBe('from 20 Jun')
  })
})

describe('the round as a whole', () => {
  const counts = [0, 1, 2, 12, 140]
  it('is well said with no stop, one, and very many', () => {
    const said = counts.flatMap((count) => [
      sayRound(count, 14 * count),
      sayPressing({ tonight: count, late: 0 }),
      sayPressing({ tonight: 1, late: count }),
      sayRoundWeather({ wet: count, hot: 0 }),
      sayRoundWeather({ wet: 1, hot: count }),
      sayAnswered.notOn('Bed 1', count),
      FIRST_REASONS.basis(count, true),
      FIRST_REASONS.basis(count, false),
    ])
    for (const text of said)
      expect([...faultsOf(text, MANNERS[0]!), ...longSentences(text)], text).toEqual([])
    expect(
      [sayRound(0, 0), sayRound(1, 5), sayRound(13, 70)].map((text) => text.replaceAll('\u00a0', ' ')),
    ).toEqual(['Nothing to do today', 'One stop, 5 min', '13 stops, 1 h 10 min'])
    expect(sayPressing({ tonight: 0, late: 0 })).toBe('')
    expect(sayBring([])).toBe('')
    expect(sayRoundWeather({ wet: 1, hot: 2 })).toBe(
      'Rain today: 1 stop waits until leaves and fruit are dry. Hot by day: 2 stops are for the evening.',
    )
  })
  it('says what was kept of an answer, and when it comes again', () => {
    for (const manner of MANNERS) {
      for (const text of [
        sayAnswered.later('Bed 1', today, manner),
        sayAnswered.lookAgain('Bed 1', 'no flower is open yet', today, manner),
        sayAnswered.early(sayAnswered.skipped('Bed 1')),
        sayAnswered.kept('Bed 1', 'photo'),
        sayAnswered.asEntered('Bed 1'),
        sayAnswered.done('Bed 1', 'picked'),
      ]) {
        expect(faultsOf(text, manner), text).toEqual([])
        expect(text).toMatch(/^Bed 1: [^.]+\.( Look again on .+\.)?$/)
      }
    }
    expect(sayAnswered.early('Bed 1: skipped.')).toBe('Bed 1: skipped, before it was due.')
  })
})

describe('odds', () => {
  it('are years in ten, and never nothing for what can happen', () => {
    expect([0, 0.02, 0.1, 0.34, 0.94, 0.97, 1].map(sayOdds)).toEqual([
      'never',
      'fewer than 1 year in 10',
      '1 year in 10',
      '3 years in 10',
      '9 years in 10',
      'more than 9 years in 10',
      'every year',
    ])
  })
})

describe('the sentences of every reason', () => {
  const texts = Object.entries(REASONS)
  it('write no quantity as digits: it would stay in one unit', () => {
    for (const [rule, text] of texts)
      expect(text, rule).not.toMatch(/\d\s?(°C|°F|cm|mm|m|L|mL|gal|kg|g|in|ft)\b/)
  })
  it('read easily on the whole: Flesch 65 or more', () => {
    const all = texts.map(([, text]) => written(text, MANNERS[0]!))
    expect(easeOf(all)).toBeGreaterThanOrEqual(65)
  })
})
