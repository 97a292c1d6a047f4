import { describe, expect, it } from 'vitest'
import { SINGLE_VALUES } from '../core/season-model'
import type { PairedResult, TrialResult, WayResult } from '../core/trial'
import { MANNERS } from '../test/said-faults'
import { sayHolds, VALUE_NAMES } from './trial-holds'
import { saySplit, sayVerdict } from './trials'

/** With common spaces. */
const plain = <Said>(said: Said): Said =>
  JSON.parse(JSON.stringify(said).replace(/[\u00a0\u202f]/g, ' ')) as Said
const metric = { ...MANNERS[0]!, units: 'metric', decimals: 'point' } as (typeof MANNERS)[number]
const us = { ...metric, units: 'us' } as typeof metric
const way = (id: string, sound = [2, 3]) => ({ id, sound }) as WayResult
const paired = (id: string, change: Partial<PairedResult> = {}) =>
  ({
    id,
    median: 0.9,
    low: 0.1,
    high: 1.9,
    better: 0.88,
    isClear: true,
    isSame: false,
    later: 5,
    causes: [],
    split: null,
    ...change,
  }) satisfies PairedResult
const result = (...others: PairedResult[]): TrialResult => ({
  ways: [way('now'), ...others.map(({ id }) => way(id))],
  paired: others,
  done: 200,
  of: 200,
})
const names = { now: 'two stems (now)', cage: 'in a cage', one: 'single stem' }
const about = { measure: 'plant', manner: metric } as const

describe('what a trial says first', () => {
  it('is the way that gives clearly more, by how much and how often', () => {
    expect(plain(sayVerdict(result(paired('cage')), names, about))).toEqual({
      best: 'cage',
      headline: 'In a cage: more in 176 of 200 seasons',
      detail:
        'About 900 g more per plant (8 years in 10, from 100 g more to 1.9 kg more), first fruit 5 days later.',
    })
  })

  it('is that nothing tells them apart, where 8 years in 10 hold both', () => {
    const { best, headline, detail } = sayVerdict(
      result(paired('cage', { low: -0.4, isClear: false, better: 0.6, later: 0 })),
      names,
      about,
    )
    expect([best, headline]).toEqual([null, 'No clear difference here'])
    expect(plain(detail)).toBe(
      'Some years favor two stems (now), others in a cage. In a cage: about 900 g more per plant (8 years in 10, from 400 g less to 1.9 kg more).',
    )
  })

  it('is the present way where every other gives clearly less', () => {
    const less = { median: -0.5, low: -0.9, high: -0.1, better: 0.02, later: -1 }
    const { best, headline } = sayVerdict(
      result(paired('cage', less), paired('one', { ...less, median: -1 })),
      names,
      about,
    )
    expect([best, headline]).toEqual(['now', 'Two stems (now) gives the most'])
  })

  it('is that they are the same, or that nothing ripens', () => {
    const same = { median: 0, low: 0, high: 0, better: 0, isClear: false, isSame: true, later: 0 }
    expect(sayVerdict(result(paired('cage', same)), names, about).headline).toBe('Exactly the same here')
    const never = { ...result(paired('cage', same)), ways: [way('now', [0, 0]), way('cage', [0, 0])] }
    expect(sayVerdict(never, names, about).headline).toBe('Nothing ripens either way')
  })

  it('is by the square foot in a US garden', () => {
    const { detail } = sayVerdict(result(paired('cage', { later: null })), names, {
      measure: 'area',
      manner: us,
    })
    expect(detail).toMatch(/oz\smore per square foot/)
  })
})

it('says in which weather it is otherwise', () => {
  const split = { sign: 'rain', seasons: 60, least: 1.2, most: -0.2 } as const
  expect(plain(saySplit(paired('cage', { split }), metric))).toBe(
    'In the 60 wettest seasons it gives 200 g less; in the 60 driest seasons, 1.2 kg more.',
  )
  expect(saySplit(paired('cage'), metric)).toBeNull()
})

it('names every working value of the model, and says which of them turn a conclusion', () => {
  expect(Object.keys(VALUE_NAMES).sort()).toEqual([...SINGLE_VALUES].sort())
  expect(sayHolds([])).toMatch(/holds even if/)
  const rot = { value: 'LOSSES.rot', factor: 0.75, median: 0, says: 'neither' } as const
  expect(sayHolds([rot])).toBe(
    'This turns with what the model takes: if blossom-end rot in dry soil is a quarter less, there is no clear difference.',
  )
  expect(sayHolds([rot, rot, rot, rot, rot])).toMatch(/; and 2\s?more such values\.$/)
})
