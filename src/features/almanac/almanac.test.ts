import { describe, expect, it } from 'vitest'
import { demoState } from '../../data/demo/demo-state'
import { HOUSE_DECISIONS, houseOf, type HouseDecision } from '../../data/house-schools'
import { GLOSSARY } from '../../wording/glossary'
import { HOUSE_WAYS } from '../../wording/house-ways'

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
