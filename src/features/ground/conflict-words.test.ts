import { expect, it } from 'vitest'
import { plainPlace, type Manner } from '../../core/facts'
import { southGarden } from '../../test/south-garden'
import { saidConflict } from './conflict-words'

const metric: Manner = { units: 'metric', decimals: 'point', dates: 'day-first' }
const comma: Manner = { units: 'us', decimals: 'comma', dates: 'month-first' }
const place = plainPlace({ id: 'p', name: 'Long Bed', kind: 'bed', length: 4, width: 1.2 })
const told = (mine: object, theirs: object, fields: string[], manner = metric) =>
  saidConflict(
    { of: 'place', mine: { ...place, ...mine }, theirs: { ...place, ...theirs }, fields },
    manner,
  ).fields.map(({ name, mine: own, theirs: other }) =>
    [name, own, other].map((text) => text.replaceAll('\u00a0', ' ')),
  )

it('says each field that two hands changed, in the gardener’s units', () => {
  expect(told({ length: 4.5 }, { length: 5 }, ['length'])).toEqual([['Length', '4.5 m', '5 m']])
  expect(told({ length: 4.5 }, { length: 5 }, ['length'], comma)).toEqual([['Length', '14,8 ft', '16,4 ft']])
  expect(told({ turn: 30 }, { turn: 0 }, ['turn'])).toEqual([['Turned, °', '30', '0']])
  expect(told({ raised: true }, { raised: false }, ['raised'])).toEqual([['Raised', 'yes', 'no']])
  expect(told({ dripLines: [0.3, 0.9] }, { dripLines: [] }, ['dripLines'])).toEqual([
    ['Drip lines', '30 cm, 90 cm', 'none'],
  ])
  expect(told({ to: '2026-10-01' }, { to: null }, ['to'])).toEqual([['To', '2026-10-01', 'none']])
  expect(told({ walk: 2 }, { walk: null }, ['walk'])).toEqual([['Place in the round', '2', 'none']])
})
it('names what it is about: a place, a plant by its label, or the planting', () => {
  const { garden, raised } = southGarden()
  const plant = garden.plantsOf(raised)[1]!
  const about = (of: 'place' | 'plant' | 'planting', row: { id: string }) =>
    saidConflict({ of, mine: row, theirs: row, fields: [] }, metric).about
  expect(about('place', place)).toBe('Long Bed')
  expect(about('plant', plant)).toBe('Plant 2')
  expect(about('planting', raised)).toBe('This planting')
})
