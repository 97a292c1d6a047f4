import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COMMON_PRODUCTS } from '../feeding'
import { readQuickLine, type QuickNames } from '.'

const names: QuickNames = {
  places: ['Bed 1', 'Bed 2', 'Bed 12', 'Pot 3', 'Row B'].map((name) => ({ id: name, name })),
  plantings: [
    { id: 'one', placeId: 'Pot 3', cultivar: 'Pocket Thistle', crop: 'pepper' },
    { id: 'red', placeId: 'Bed 1', cultivar: 'Copperlace', crop: 'tomato' },
    { id: 'plum', placeId: 'Bed 1', cultivar: 'Dusk Plum', crop: 'tomato' },
  ],
  products: COMMON_PRODUCTS,
  causes: [
    { id: 'hornworm', name: 'Hornworms' },
    { id: 'blossom-end-rot', name: 'Blossom-end rot' },
    { id: 'early-blight', name: 'Early blight' },
  ],
  units: 'metric',
}
const read = (line: string, units: QuickNames['units'] = 'metric') => readQuickLine(line, { ...names, units })

describe('a quick line', () => {
  it('feeds at a dilution, by weight, by volume', () => {
    // 6 L at 1:50 hold 120 mL, at 1.1 g/mL 132 g.
    const fish = read('bed 2 fed fish 1:50 6 l')
    expect(fish).toMatchObject({ kind: 'fed', subject: { type: 'place', id: 'Bed 2' }, note: '' })
    if (!('kind' in fish) || fish.kind !== 'fed') throw new Error()
    expect(fish.data.name).toBe('Fish feed')
    expect(fish.data.grams).toBeCloseTo(132, 6)
    expect(read('fed bed 12 with 40 g of seed meal')).toMatchObject({
      subject: { id: 'Bed 12' },
      data: { name: 'Seed meal', grams: 40, n: 6 },
    })
    expect(read('feed bed 2 bone meal 2 tbsp', 'us')).toMatchObject({ data: { name: 'Bone meal' } })
  })
  it('picks with its fruit and faults, by the only planting or the one that is named', () => {
    expect(read('pot 3 picked 1.2kg 3 cracked')).toEqual({
      kind: 'picked',
      subject: { type: 'planting', id: 'one' },
      about: 'Pot 3, Pocket Thistle',
      data: { mass: 1.2, count: null, faults: { cracked: 3 } },
      note: '',
    })
    expect(read('picked 1.2 kg from pot 3 9 fruit 1 ber very sweet')).toMatchObject({
      data: { mass: 1.2, count: 9, faults: { rotten: 1 } },
      note: 'very sweet',
    })
    expect(read('Bed 1 dusk plum picked 2 lb', 'us')).toMatchObject({ subject: { id: 'plum' } })
    expect(read('bed 1 picked 2 kg')).toEqual({
      problem: { why: 'which-planting', place: 'Bed 1', cultivars: ['Copperlace', 'Dusk Plum'] },
    })
    expect(read('row b picked 2 kg')).toEqual({ problem: { why: 'nothing-stands', place: 'Row B' } })
  })
  it('begins a case where a trouble is named', () => {
    expect(read('row B hornworm 2')).toEqual({
      kind: 'noticed',
      subject: { type: 'place', id: 'Row B' },
      about: 'Row B',
      data: { signs: ['big-caterpillar'], cause: 'hornworm' },
      note: '2',
    })
    expect(read('bed 1 copperlace early blight on the lowest leaves')).toMatchObject({
      subject: { type: 'planting', id: 'red' },
      data: { cause: 'early-blight' },
      note: 'on the lowest leaves',
    })
    // Two stand there and none is named: it is the place's.
    expect(read('bed 1 hornworms')).toMatchObject({ subject: { type: 'place', id: 'Bed 1' } })
    expect(read('bed 1 horns')).toMatchObject({ kind: 'note' })
  })
  it('waters in any unit, and keeps the rest as a note', () => {
    expect(read('watered bed 2 12 l by hand')).toMatchObject({
      kind: 'watered',
      data: { litres: 12 },
      note: 'by hand',
    })
    const gallons = read('water bed 2 2 gal', 'us')
    expect('kind' in gallons && gallons.kind === 'watered' && gallons.data.litres).toBeCloseTo(7.57, 2)
    expect(read('bed 2 watered')).toEqual({ problem: { why: 'amount', of: 'litres', told: '' } })
    expect(read('bed 2 fed moonlight 3 g')).toMatchObject({ problem: { of: 'product' } })
    expect(read('pot 3 picked lots')).toMatchObject({ problem: { of: 'mass' } })
  })
  it('notes what it does not know, where it knows the place', () => {
    expect(read('row B gate left open')).toEqual({
      kind: 'note',
      subject: { type: 'place', id: 'Row B' },
      about: 'Row B',
      data: {},
      note: 'gate left open',
    })
    expect(read('hornworm 2')).toEqual({ problem: { why: 'no-place' } })
    expect(read('bed 3 watered 2 l')).toEqual({ problem: { why: 'no-place' } })
    expect(read('')).toEqual({ problem: { why: 'no-place' } })
  })
  it('never fails, and never enters nothing or less', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            'bed',
            '2',
            'bed 2',
            'pot 3',
            'fed',
            'picked',
            'watered',
            '-5',
            '0',
            '1:0',
            '1:50',
            '6 l',
            '1e9 kg',
            '3',
            'cracked',
            'fish',
            '½',
            '(',
            '\\',
          ),
          { maxLength: 7 },
        ),
        (words) => {
          const entry = read(words.join(' '))
          if ('problem' in entry) return
          if (entry.kind === 'watered') expect(entry.data.litres).toBeGreaterThanOrEqual(0)
          if (entry.kind === 'picked') expect(entry.data.mass).toBeGreaterThan(0)
          if (entry.kind === 'fed') expect(Number.isFinite(entry.data.grams)).toBe(true)
        },
      ),
    )
  })
})
