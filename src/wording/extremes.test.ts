import { describe, expect, it } from 'vitest'
import type { Reason } from '../core/advice'
import { isoDate } from '../core/calendar'
import type { Measure } from '../core/quantity'
import { ANY_RULE, reasonKinds } from '../test/reason-kinds'
import { faultsOf, longSentences, MANNERS } from '../test/said-faults'
import type { HealthRule, SignId } from '../core/health'
import type { Manner } from '../core/facts'
import { shownTexts } from '../test/texts'
import { sayHealthReason } from './health'
import { HEALTH_REASONS } from './health/reasons'
import { REASONS, type Rule } from './reasons'
import { sayReason } from './say-reason'
import { written } from './written'

/** A value of a reason stands in it, which only that reason can fill. */
const VALUE_OF_REASON = /\{\w+\}|\{\w+ [a-z]/
const TOLD = ['src/wording', 'src/features', 'src/components']
/** Formulas, drawings, and what a garden with points types (`inEither` writes it as the garden does). */
const AS_THEY_ARE =
  /workings\/workings|components\/drawing|say\.tsx|by-hand\.model|drip\.model|quick-line|begin\/schema/

/** None, one, a part, a few and very many of each kind of value. */
const EXTREMES: Record<Exclude<Measure['kind'], 'date' | 'name' | 'temperature-difference'>, number[]> = {
  length: [0, 0.006, 0.0254, 0.3048, 1, 2.44],
  thickness: [0.0012, 0.025],
  temperature: [-12.4, 0, 1, 16.04, 32],
  volume: [0, 0.005, 0.25, 1, 3.5, 1200],
  mass: [0, 0.004, 0.0283, 0.4536, 1, 61.3],
  area: [0.03, 0.0929, 1, 40.5],
  speed: [0, 0.4470389, 12.6],
  'degree-days': [1, 640],
  share: [0, 0.004, 0.1, 0.35, 1],
  'water-depth': [0, 1, 4.6, 31],
  days: [0, 1, 2, 61],
  weeks: [7, 14, 70],
  duration: [60, 3600, 5400],
  count: [0, 1, 2, 2.5, 240],
}
const valuesOf = (kind: Measure['kind']): Measure[] => {
  if (kind === 'date') return [{ kind, value: isoDate('2026-01-01') }]
  if (kind === 'name') return [{ kind, value: 'cage' }]
  return kind === 'temperature-difference' ? [] : EXTREMES[kind].map((value) => ({ kind, value }))
}

type AnyRule = Rule | HealthRule
const SENTENCES: Record<AnyRule, string> = { ...REASONS, ...HEALTH_REASONS }
const rules = Object.keys(SENTENCES) as AnyRule[]
const kinds = reasonKinds('src/core', new Set(rules))
const say = (reason: Reason, manner: Manner): string =>
  reason.rule in HEALTH_REASONS
    ? sayHealthReason(reason as Reason<HealthRule>, manner)
    : sayReason(reason, manner)

/** The reason with each of its values at each of its extremes. */
function extremesOf(rule: AnyRule): Reason[] {
  const text = SENTENCES[rule].replace(
    /\{\+ ([^}]+)\}/g,
    (_, parts: string) => `{${parts.replaceAll(', ', '} {')}}`,
  )
  const keys = [...new Set([...text.matchAll(/\{(\w+)(?: [a-z |]+)?\}/g)].map(([, key]) => key!))]
  const choices = keys.map((key): Measure[] =>
    key === 'sign'
      ? [{ kind: 'name', value: 'yellow-blotches-above' satisfies SignId }]
      : [...(kinds.get(rule)?.get(key) ?? kinds.get(ANY_RULE)?.get(key) ?? [])].flatMap(valuesOf),
  )
  return Array.from({ length: Math.max(1, ...choices.map(({ length }) => length)) }, (_, at) => ({
    rule,
    weight: 'supports',
    values: Object.fromEntries(
      keys.map((key, which) => [key, choices[which]![at % choices[which]!.length]!]),
    ),
  }))
}

describe('every reason at the extremes of its values', () => {
  it('is found with the kinds of its values', () => {
    for (const rule of rules)
      for (const { values } of extremesOf(rule))
        expect(Object.values(values), `${rule} ${Object.keys(values)}`).not.toContain(undefined)
  })
  it.each(MANNERS)('is well said with $units units and a decimal $decimals', (manner) => {
    const faults = rules.flatMap((rule) =>
      extremesOf(rule).flatMap((reason) =>
        [...faultsOf(say(reason, manner), manner), ...longSentences(say(reason, manner))].map(
          (fault) => `${rule}: ${fault}`,
        ),
      ),
    )
    expect([...new Set(faults)]).toEqual([])
  })
})

describe('every text that holds a quantity', () => {
  const texts = shownTexts('src').filter(
    ({ text }) => /\{[a-z]+ \d/.test(text) && !VALUE_OF_REASON.test(text),
  )
  it.each(MANNERS)('is well said with $units units and a decimal $decimals', (manner) => {
    expect(texts.length).toBeGreaterThan(10)
    const faults = texts.flatMap(({ where, text }) =>
      faultsOf(written(text, manner), manner).map((fault) => `${where} ${fault}`),
    )
    expect(faults).toEqual([])
  })
})

describe('a number that is written out', () => {
  const texts = TOLD.flatMap(shownTexts).filter(({ where }) => !AS_THEY_ARE.test(where))
  it('has no decimal point, which some gardens write as a comma', () => {
    const faults = texts.filter(({ text }) =>
      /(?<![\d./(-])\d+\.\d+(?!\d|\.\d)/.test(text.replaceAll(/\{[^}]*\}/g, '')),
    )
    expect(faults.map(({ where, text }) => `${where} ${text}`)).toEqual([])
  })
})
