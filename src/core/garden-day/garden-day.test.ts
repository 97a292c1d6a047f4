import { describe, expect, it } from 'vitest'
import { gardenOf, SET_OUT } from '../../test/garden'
import { southGarden } from '../../test/south-garden'
import { addDays, isoDate } from '../calendar'
import { dayOf } from '.'

const south = southGarden()
const state = south.garden.state()

describe('a garden’s day', () => {
  it('is one object, and so is each of its parts', () => {
    const day = dayOf(state, state.now)
    expect(dayOf(state, state.now)).toBe(day)
    for (const part of ['outlook', 'water', 'calls', 'plants', 'house', 'supportSite'] as const)
      expect(day[part]).toBe(dayOf(state, state.now)[part])
    expect(dayOf(state, addDays(state.now, 1))).not.toBe(day)
    expect(dayOf({ ...state }, state.now)).not.toBe(day)
  })
  it('says its season, and how an address asks for it', () => {
    expect(dayOf(state, state.now)).toMatchObject({ season: 2026, query: '' })
    expect(dayOf(state, isoDate('2026-03-01'))).toMatchObject({ season: 2025, query: '?on=2026-03-01' })
  })
  it('has water, feed and health of every planting that stands, however it came there', () => {
    const day = dayOf(state, state.now)
    expect(day.water.map(({ place }) => place.name)).toEqual(['North Strip', 'Shore Row'])
    for (const watered of day.water)
      expect(day.ledger(watered)?.demand.n.some((grams) => grams > 0)).toBe(true)
    for (const own of day.outlook.plantings.filter(({ phase }) => phase === 'standing'))
      expect(day.health(own)).toMatchObject({ water: expect.anything(), feed: expect.anything() })
  })
  it('counts the years of a family in a place as told and as planted', () => {
    const years = dayOf(state, state.now).solanaceaeYears(south.bed.id)
    expect([...new Set(years)].sort()).toEqual([2025, 2026])
  })
  it('goes by the house’s own way where it has one that there is', () => {
    const own = gardenOf({ houseSchools: { watering: 'dry-down', flowers: 'by-the-moon' } })
    const pot = own.place('Pot', 'container', [0.4, 0.4])
    const { house } = dayOf(own.state(), own.state().now)
    expect([house.watering, house.flowers]).toEqual(['dry-down', 'worked-out'])
    expect(house.feeding(pot)).toBe(dayOf(state, state.now).house.feeding(pot))
  })
  it('leaves a plant out from the day after it was taken out', () => {
    const own = gardenOf()
    const bed = own.place('Bed', 'bed', [3, 1.2])
    const planting = own.planting(own.cultivar('Plain'), bed, 2)
    own.enter(planting, 'set-out', '2026-05-20', { count: 2, ...SET_OUT })
    own.plantsOf(planting)[0]!.to = isoDate('2026-06-10')
    const labels = (on: string) => dayOf(own.state(1), isoDate(on)).plants.map(({ label }) => label)
    expect([labels('2026-06-10'), labels('2026-06-11')]).toEqual([['1', '2'], ['2']])
  })
})
