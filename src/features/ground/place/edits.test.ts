import { describe, expect, it } from 'vitest'
import { editedGround, plainPlace } from '../../../core/facts'
import { southGarden } from '../../../test/south-garden'
import { loosenedPlace, placedEdits, plannedPlanting, plantEdit } from './edits'

const { garden, bed, lantern, raised } = southGarden()
const WISH = {
  cultivarId: lantern.id,
  training: 'single-stem',
  support: 'string',
  school: 'standard',
  layout: 'rows',
  placeId: bed.id,
  season: 2026,
} as const

describe('plants that are placed', () => {
  const there = garden.plantsOf(raised)
  const edits = placedEdits(
    WISH,
    [
      { x: 3.00000001, y: 0.3 },
      { x: 3.6, y: 0.9 },
    ],
    there,
  )
  const { file } = garden
  const after = editedGround(
    { place: file.places, obstacle: [], planting: file.plantings, plant: file.plants },
    edits,
  )

  it('are one planting of as many, grown as was wished, with the usual where nothing was said', () => {
    const planting = after.planting.at(-1)!
    expect(after.planting).toHaveLength(file.plantings.length + 1)
    expect(planting).toMatchObject({
      cultivarId: lantern.id,
      placeId: bed.id,
      season: 2026,
      count: 2,
      training: 'single-stem',
      support: 'string',
      spacingSchool: 'standard',
      raising: 'plant',
      plannedSow: null,
    })
    expect(after.plant.filter(({ plantingId }) => plantingId === planting.id)).toHaveLength(2)
  })
  it('are numbered on from those that are there, and stand on whole millimetres', () => {
    const placed = after.plant.slice(-2)
    expect(there.map(({ label }) => label)).toEqual(['1', '2', '3'])
    expect(placed.map(({ label, x, y }) => [label, x, y])).toEqual([
      ['4', 3, 0.3],
      ['5', 3.6, 0.9],
    ])
    expect(new Set(after.plant.map(({ id }) => id)).size).toBe(after.plant.length)
  })
  it('begin at one where nothing stands, or what stands has names', () => {
    const labels = (plants: typeof there) =>
      placedEdits(WISH, [{ x: 1, y: 1 }], plants).flatMap(({ of, row }) =>
        of === 'plant' && row ? [row.label] : [],
      )
    expect(labels([])).toEqual(['1'])
    expect(labels([{ ...there[0]!, label: 'by the gate' }])).toEqual(['1'])
  })
  it('have ids of their own each time', () => {
    const known = { ...WISH, count: 1, spacingSchool: 'tight' } as const
    expect(plannedPlanting(known).id).not.toBe(plannedPlanting(known).id)
    expect(plantEdit('p', 1, { x: 0, y: 0 }).id).not.toBe(plantEdit('p', 1, { x: 0, y: 0 }).id)
  })
})

describe('a place with a limit loosened', () => {
  const place = {
    ...plainPlace({ id: 'p', name: 'Bed', kind: 'bed', length: 4, width: 1.2 }),
    dripLines: [0.3],
  }
  const choice = (school: string, step: object | undefined) =>
    ({ school, answer: {}, gains: [], costs: [{ values: step ? { step } : {} }] }) as unknown as Parameters<
      typeof loosenedPlace
    >[1]

  it('has another drip line, in order', () => {
    const loosened = loosenedPlace(
      { ...place, dripLines: [0.9] },
      choice('emitters', { kind: 'length', value: 0.3 }),
    )!
    expect(loosened.row.dripLines).toEqual([0.3, 0.9])
    expect(loosened.words).toBe('Another drip line is in Bed.')
  })
  it('is reached from another side', () => {
    const loosened = loosenedPlace(place, choice('reach', { kind: 'name', value: 'west' }))!
    expect(loosened.row.openSides).toEqual([...place.openSides, 'west'])
    expect(loosened.words).toBe('Bed can be reached from the west too.')
  })
  it('stays as it is where the limit is not the place’s own', () => {
    expect(loosenedPlace(place, choice('spacing', { kind: 'length', value: 0.3 }))).toBeNull()
    expect(loosenedPlace(place, choice('emitters', undefined))).toBeNull()
    expect(loosenedPlace(place, choice('reach', { kind: 'length', value: 0.3 }))).toBeNull()
  })
})
