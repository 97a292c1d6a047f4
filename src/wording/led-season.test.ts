import { describe, expect, it } from 'vitest'
import { LED_WATERINGS, NOTHING, type LedVisit } from '../core/led-season'
import { MANNERS } from '../test/said-faults'
import { sayDry, sayInstead, sayLedEnd, sayLedTold, sayLeaves, sayLedWhy, wateringName } from './led-season'

const plain = (said: string) => said.replace(/[\u00a0\u202f]/g, ' ')
const metric = { ...MANNERS[0]!, units: 'metric', decimals: 'point' } as (typeof MANNERS)[number]
const us = { ...metric, units: 'us' } as typeof metric

const visit = (change: object = {}, season: object = {}): LedVisit =>
  ({
    picked: 2,
    spoiled: 0,
    ripe: 0,
    ...change,
    sight: {
      stands: true,
      sick: 0,
      season: { light: 100, thirst: 0, hunger: 0, lost: { ground: 0, rot: 0, cracks: 0 }, ...season },
    },
  }) as unknown as LedVisit

describe('words of a season that is led', () => {
  it('say how it is watered in the gardener’s units', () => {
    expect(LED_WATERINGS.map((water) => plain(wateringName(water, metric)))).toEqual([
      'No water',
      'Soak it once, 12 L',
      'Every third day, 7.2 L each time',
      'Every day, 3.2 L each time',
    ])
    expect(plain(wateringName('soak', us))).toMatch(/gal$/)
  })
  it('name what Prairie would have done otherwise, and nothing where it was the same', () => {
    expect(sayInstead(NOTHING, NOTHING)).toBe('')
    expect(sayInstead(NOTHING, { ...NOTHING, water: 'daily', prune: true, cover: true })).toBe(
      'Prairie would water every day, take out the suckers and cover it at night.',
    )
    expect(sayInstead({ ...NOTHING, feed: true, pick: true }, NOTHING)).toBe(
      'Prairie would not feed it and leave the fruit.',
    )
  })
  it('tell what came of each act', () => {
    expect(plain(sayLedTold({ rule: 'water.dry', good: false, value: 0.124 }, metric))).toBe(
      'Water: thirst cost it 12 % of its growth. It needed more.',
    )
    expect(plain(sayLedTold({ rule: 'cover.froze', good: false, value: -3 }, us))).toBe(
      'Cover: a frost of 27 °F killed it.',
    )
    expect(plain(sayLedTold({ rule: 'tie.fell', good: false, value: 0 }, metric))).toContain('will rot')
    expect(plain(sayLedTold({ rule: 'tie.fell', good: false, value: 0.4 }, metric))).toContain(
      '400 g of fruit',
    )
  })
  it('say how it looks', () => {
    expect([0, 0.5, 0.8, 1.2].map(sayDry)).toEqual(['wet', 'moist', 'drying out', 'dry: it is thirsty'])
    const leaves = (fed: number, glut: number, sick = 0) => plain(sayLeaves({ fed, glut, sick }))
    expect([leaves(0.5, 0), leaves(1, 0.8), leaves(1, 0), leaves(1, 0, 0.2)]).toEqual([
      'pale: it is hungry',
      'dark and lush',
      'a healthy green',
      'a healthy green, 20 % spotted',
    ])
  })
  it('answer at the end, and why', () => {
    expect(plain(sayLedEnd(2, 3, metric))).toBe('You picked 2 kg; Prairie picked 3 kg in the same weather')
    expect(plain(sayLedEnd(3, 2, metric))).toBe(
      'You picked 3 kg, more than Prairie’s 2 kg in the same weather',
    )
    expect(plain(sayLedEnd(2, 2.001, metric))).toBe('You picked 2 kg, as much as Prairie in the same weather')
    expect(sayLedWhy(visit(), visit(), metric)).toEqual([])
    const worse = visit({ spoiled: 0.5 }, { thirst: 20, lost: { ground: 0.3, rot: 0, cracks: 0 } })
    expect(sayLedWhy(worse, visit(), metric).map(plain)).toEqual([
      'Thirst took 20 % of your plant’s growth, and 0 % of Prairie’s.',
      '500 g more split or rotted because they were not picked.',
      '300 g more rotted on the ground.',
    ])
  })
})
