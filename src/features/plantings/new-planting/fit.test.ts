import { describe, expect, it } from 'vitest'
import { trainingsFor } from '../../../core/crop'
import { demoState } from '../../../data/demo/demo-state'
import { stateOfFile } from '../../../test/state-of-file'
import { southGarden } from '../../../test/south-garden'
import { choicesOf } from './choices'
import { fitOf } from './fit.model'
import { UNTOLD } from './untold'
import { firstSpot, type PlantingValues, type SpotValues } from './values'

const choices = choicesOf(demoState())
const vine = { crop: 'tomato', habit: 'indeterminate', fruit: 'slicer' } as const
const trainings = trainingsFor(vine)
const values = (more: Partial<PlantingValues>): PlantingValues => ({
  ...UNTOLD,
  spots: [],
  season: '2026',
  ...more,
})
const strip: Partial<SpotValues> = { place: 'new:bed', length: '2.4 m', width: '1.2 m', count: '4' }
const fit = ({ place, count, length, ...more }: Partial<PlantingValues> & Partial<SpotValues>) => {
  const typed = Object.fromEntries(
    Object.entries({ place, count, length }).filter(([, value]) => value !== undefined),
  )
  const spot = { ...firstSpot('', '', { units: 'metric' }), ...strip, ...typed }
  return fitOf(values(more), spot, vine, trainings, choices)
}
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('how many fit', () => {
  it('is said with the distance that they get', () => {
    const roomy = fit({})!
    expect(roomy.isTooFew).toBe(false)
    expect(roomy.anyway).toBeNull()
    expect(plain(roomy.how)).toMatch(/^, \d+ cm apart in the row\.$/)
  })
  it('goes by one’s own distances', () => {
    const own = fit({ ownInRow: '30 cm', ownLines: '40 cm' })!
    expect(plain(own.how)).toBe(', 30 cm apart in the row.')
    expect(parseInt(own.answer)).toBeGreaterThan(parseInt(fit({})!.answer))
  })
  it('offers to plant more than fit, with what that costs', () => {
    const crowd = fit({ count: '40' })!
    expect(crowd.isTooFew).toBe(true)
    expect(plain(crowd.anyway!.apart)).toMatch(/^\d+ cm$/)
    expect(crowd.anyway!.costs.join(' ')).toMatch(/% of the advised distance.*wet longer.*single stem/)
  })
  it('is unknown while a new place has no size, or what is typed is none', () => {
    expect(fit({ length: '' })).toBeNull()
    expect(fit({ length: 'long' })).toBeNull()
    expect(fit({ count: 'six' })!.isTooFew).toBe(false)
  })
  it('counts what stands in the season that is planned, and no other', () => {
    const bed = choices.places.find(({ name }) => name === 'Bed 1')!
    expect(fit({ place: bed.id })!.how).toContain('beside 6 Copperlace, 6 Dusk Plum')
    const next = fit({ place: bed.id, season: '2027' })!
    expect(next.how).not.toContain('beside')
    expect(parseInt(next.answer)).toBeGreaterThan(parseInt(fit({ place: bed.id })!.answer))
    // What stood here this season is told of where next season's place is chosen.
    expect(next.against.map(({ about }) => about)).toEqual(['Rotation'])
  })
})

describe('what speaks against a place', () => {
  const [bed] = choices.places
  const told = (more: Partial<typeof bed>, fruit: 'slicer' | 'cherry' = 'slicer') => {
    const own = { ...choices, places: [{ ...bed!, ...more, seasons: [] }] }
    const spot = { ...firstSpot('', '', { units: 'metric' }), place: bed!.id, count: '2' }
    return fitOf(values({}), spot, { ...vine, fruit }, trainings, own)!
  }
  it('is too little sun, with the hours; a cherry bears on less', () => {
    expect(told({ sun: 5.4 }).against).toEqual([
      { about: 'Sun', text: '5.4 h of direct sun a day is too little: at least 6 h for ripe fruit.' },
    ])
    expect(told({ sun: 5.4 }, 'cherry').against).toEqual([])
    expect(told({ sun: 9.3 }).how).toMatch(/ 9\.3 h of direct sun a day\.$/)
    expect(told({ sun: null }).how).not.toContain('sun')
  })
  it('is a middle that no arm reaches', () => {
    const wide = { length: 4, width: 2, sun: null, kind: 'bed' as const }
    const both = told({ ...wide, openSides: ['south', 'north'] })
    expect(plain(both.against[0]!.text)).toMatch(/^80 cm of it are out of arm’s reach/)
    expect(plain(told({ ...wide, openSides: ['south'] }).against[0]!.text)).toMatch(/^1.4 m of it/)
    expect(told({ ...wide, width: 1.2, openSides: ['south', 'north'] }).against).toEqual([])
  })
})

describe('the choices of a new planting', () => {
  it('begin with the first season that can still ripen, or the one that is asked for', () => {
    expect(choices).toMatchObject({ seasons: [2026, 2027], season: 2026 })
    expect(choicesOf(demoState(), { season: 2027 }).season).toBe(2027)
    expect(choicesOf(demoState(), { season: 2056 }).season).toBe(2026)
    const south = choicesOf(stateOfFile(southGarden().garden.file))
    expect(south.seasons).toEqual([2026, 2027])
  })
})
