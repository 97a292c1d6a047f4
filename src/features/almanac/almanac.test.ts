import { HOUSE_DECISIONS, type HouseDecision, dayOf, houseOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { callsOf } from '../../core/calls'
import { WORKING_IDS } from '../../wording/workings/names'
import { effectsOf } from './effects'
import { workedValues } from './values'
import { demoState } from '../../data/demo/demo-state'
import { GLOSSARY } from '../../wording/glossary'
import { HOUSE_WAYS } from '../../wording/house-ways'

const TODAY = isoDate('2026-06-18')

describe('the house’s ways', () => {
  it('have words for every way there is, and none besides', () => {
    expect(Object.keys(HOUSE_WAYS).sort()).toEqual(Object.keys(HOUSE_DECISIONS).sort())
    for (const decision of Object.keys(HOUSE_DECISIONS) as HouseDecision[])
      expect(Object.keys(HOUSE_WAYS[decision]!.ways).sort()).toEqual([...HOUSE_DECISIONS[decision]].sort())
  })
  it('are the first of each where none was chosen, or one that is none', () => {
    expect(houseOf({ houseSchools: {} }).chosen).toEqual({
      depth: 'worked-out',
      spacing: 'standard',
      flowers: 'worked-out',
      frost: 'two-in-ten',
      feeding: 'by-place',
      watering: 'even',
      weave: 'sectional',
    })
    expect(houseOf({ houseSchools: { watering: 'by the moon' } }).watering).toBe('even')
  })
  it('feed by the place, or all places alike', () => {
    const places = demoState().record.places
    const [pot, bed] = ['demo-pot-1', 'demo-bed-1'].map((id) => places.find((place) => place.id === id)!)
    const own = houseOf({ houseSchools: {} })
    expect([own.feeding(pot!), own.feeding(bed!)]).toEqual(['steady-liquid', 'slow-organic'])
    const one = houseOf({ houseSchools: { feeding: 'soil-first' } })
    expect([one.feeding(pot!), one.feeding(bed!)]).toEqual(['soil-first', 'soil-first'])
  })
})

it('the words stand in order, each once', () => {
  const words = GLOSSARY.map(({ word }) => word)
  expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')))
  expect(new Set(words).size).toBe(words.length)
})

describe('the workings', () => {
  const plain = (values: ReturnType<typeof workedValues>) =>
    Object.fromEntries(
      Object.entries(values).map(([id, { lines }]) => [id, lines.join(' ').replaceAll('\u00a0', ' ')]),
    )
  it('give this garden’s numbers of the day', () => {
    const values = plain(workedValues(dayOf(demoState(), TODAY)))
    // What has no number of its own in a garden is its own bench's.
    expect(WORKING_IDS.filter((id) => !values[id])).toEqual(['blend'])
    expect(values['degree-days']).toMatch(/^Today 16 °C to 28 °C: tomato \d+(\.\d)? °C d/)
    expect(values.sowing).toMatch(/6 plants wanted, 85 % come up, 90 % of those live: 11 seeds\./)
    expect(values.window).toContain('You may plant out from nights of 8 °C and soil of 15 °C')
    expect(values.times).toBe('You have entered no times yet, so the typical values are used.')
    expect(Object.values(values).join(' ')).not.toMatch(/NaN|undefined|Infinity|null/)
  })
  it('say the same water as the round asks', () => {
    const state = demoState()
    const { water } = plain(workedValues(dayOf(state, TODAY)))
    const call = callsOf(dayOf(state, TODAY).outlook, {
      id: state.garden.id,
      plants: dayOf(state, TODAY).plants,
      water: dayOf(state, TODAY).water,
      wetness: dayOf(state, state.now).wetness,
      bears: dayOf(state, TODAY).bears,
      vigour: dayOf(state, TODAY).vigour,
      house: houseOf(state.garden),
    }).find(({ kind, placeId }) => kind === 'water' && placeId === 'demo-bed-1')!
    if (call.advice.answer.kind !== 'water') throw new Error('Bed 1 is watered')
    expect(water).toContain(`Due now: ${Math.round(call.advice.answer.litres)} L`)
  })
  it('are in the gardener’s units, and silent in an empty garden', () => {
    const us = plain(workedValues(dayOf(demoState({ garden: { units: 'us' } }), TODAY)))
    expect(us['degree-days']).toContain('°F')
    const empty = workedValues(dayOf(demoState({ empty: true }), TODAY))
    expect(Object.keys(empty).sort()).toEqual(
      ['blight', 'cover', 'degree-days', 'diagnosis', 'evapotranspiration', 'frost', 'pot', 'times'].sort(),
    )
  })
})

describe('the effects of each way', () => {
  it('are told for every way of the decisions that something stands for', () => {
    const effects = effectsOf(dayOf(demoState(), TODAY))
    expect(Object.keys(effects).sort()).toEqual(['depth', 'feeding', 'frost', 'spacing', 'watering', 'weave'])
    for (const [decision, { ways }] of Object.entries(effects))
      expect(Object.keys(ways)).toEqual([...HOUSE_DECISIONS[decision as HouseDecision]])
    const twine = (way: string) => parseFloat(effects.weave!.ways[way]!)
    expect(twine('sectional')).toBeGreaterThan(twine('continuous'))
    // Of an empty garden only what hangs on the climate alone.
    expect(Object.keys(effectsOf(dayOf(demoState({ empty: true }), TODAY)))).toEqual(['frost'])
  })
})
