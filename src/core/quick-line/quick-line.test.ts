import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../calendar'
import { COMMON_PRODUCTS } from '../feeding'
import { readQuickLine, type QuickNames } from '.'

const names: QuickNames = {
  places: ['Bed 1', 'Bed 2', 'Bed 12', 'Pot 3', 'Row B'].map((name) => ({
    id: name,
    name,
    area: 3,
    flow: name === 'Bed 1' ? 40 : null,
  })),
  plantings: [
    { id: 'one', placeId: 'Pot 3', cultivar: 'Pocket Thistle', crop: 'pepper', count: 1, stands: true },
    { id: 'red', placeId: 'Bed 1', cultivar: 'Copperlace', crop: 'tomato', count: 4, stands: true },
    { id: 'plum', placeId: 'Bed 1', cultivar: 'Dusk Plum', crop: 'tomato', count: 2, stands: true },
    { id: 'tray', placeId: 'Bed 12', cultivar: 'Copperlace', crop: 'tomato', count: 5, stands: false },
  ],
  products: COMMON_PRODUCTS,
  causes: [
    { id: 'hornworm', name: 'Hornworms' },
    { id: 'blossom-end-rot', name: 'Blossom-end rot' },
    { id: 'early-blight', name: 'Early blight' },
    { id: 'aphids', name: 'Aphids' },
    { id: 'spider-mite', name: 'Spider mites' },
  ],
  units: 'metric',
  today: '2026-06-18' as IsoDate,
  dates: 'day-first',
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
      on: null,
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
      on: null,
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
      on: null,
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

  const litres = (line: string, units?: QuickNames['units']) => {
    const entry = read(line, units)
    return 'kind' in entry && entry.kind === 'watered' ? entry.data.litres : null
  }
  it('takes water as minutes of the place’s emitters, as a depth over it, and for each plant', () => {
    // 40 L an hour, half an hour.
    expect(litres('bed 1 watered 30 min')).toBeCloseTo(20, 9)
    expect(read('bed 2 watered 30 min')).toEqual({ problem: { why: 'no-flow', place: 'Bed 2' } })
    // 25 mm over 3 m².
    expect(litres('bed 2 watered 25 mm')).toBeCloseTo(75, 9)
    expect(litres('bed 2 watered 1 inch', 'us')).toBeCloseTo(76.2, 9)
    expect(litres('bed 1 watered 2 l per plant')).toBeCloseTo(12, 9)
    expect(litres('bed 2 soaked 12 l')).toBe(12)
  })
  it('asks for a unit that it does not know, and never guesses one', () => {
    expect(read('bed 2 watered 2 cans', 'us')).toEqual({
      problem: { why: 'unit', of: 'litres', told: '2 cans' },
    })
    expect(read('bed 2 fed fish 2 capfuls')).toMatchObject({ problem: { why: 'unit', told: '2 capfuls' } })
    expect(read('bed 2 fed compost 2 buckets')).toMatchObject({ problem: { why: 'unit', told: '2 buckets' } })
    expect(read('fed bed 1 fish emulsion 2 gal', 'us')).toMatchObject({ problem: { why: 'mixed' } })
    expect(read('pot 3 picked 12', 'us')).toMatchObject({ problem: { why: 'amount', of: 'mass' } })
    expect(read('pot 3 picked 3 handfuls')).toMatchObject({ problem: { why: 'unit', told: '3 handfuls' } })
    for (const line of ['constructor', 'bed 2 constructor', 'bed 2 toString 3'])
      expect(read(line)).not.toBeUndefined()
  })
  it('reads weights in two units, and what is wrong with some of the fruit', () => {
    const picked = read('pot 3 picked 2 lb 6 oz', 'us')
    expect('kind' in picked && picked.kind === 'picked' && picked.data.mass).toBeCloseTo(1.0773, 4)
    const cracked = read('pot 3 harvested 5 lb 2 oz, 3 cracked', 'us')
    expect(cracked).toMatchObject({ kind: 'picked', data: { faults: { cracked: 3 } }, note: '' })
    expect('kind' in cracked && cracked.kind === 'picked' && cracked.data.mass).toBeCloseTo(2.3247, 4)
  })
  it('gives a feed to each plant, and by its dose in the can', () => {
    const grams = (line: string) => {
      const entry = read(line, 'us')
      return 'kind' in entry && entry.kind === 'fed' ? entry.data.grams : 0
    }
    const spoon = grams('bed 2 fed seed meal 2 tbsp')
    expect(spoon).toBeGreaterThan(5)
    expect(grams('bed 1 fed seed meal 2 tbsp per plant')).toBeCloseTo(6 * spoon, 9)
    expect(grams('bed 2 fed seed meal 2 tbsp per gallon 3 gal')).toBeCloseTo(3 * spoon, 6)
    expect(grams('bed 2 sidedressed seed meal 2 tbsp')).toBeCloseTo(spoon, 9)
  })
  it('opens no case where a trouble is said not to be there', () => {
    for (const line of ['bed 1 no aphids', 'bed 1 no early blight yet', 'bed 1 free of aphids'])
      expect(read(line)).toMatchObject({ kind: 'note' })
    expect(read('bed 1 aphids')).toMatchObject({ kind: 'noticed', data: { cause: 'aphids' } })
    expect(read('bed 1 spider mites')).toMatchObject({ kind: 'noticed', data: { cause: 'spider-mite' } })
    expect(read('pot 3 BER')).toMatchObject({ kind: 'noticed', data: { cause: 'blossom-end-rot' } })
  })
  it('knows the day that a line names', () => {
    const on = (line: string) => {
      const entry = read(line)
      return 'kind' in entry ? [entry.on, entry.note] : entry.problem
    }
    expect(on('bed 1 watered 10 l yesterday')).toEqual(['2026-06-17', ''])
    // 18 June 2026 is a Thursday.
    expect(on('bed 1 watered 10 l on Monday')).toEqual(['2026-06-15', ''])
    expect(on('bed 1 watered 10 l thursday')).toEqual(['2026-06-11', ''])
    expect(on('bed 1 watered 10 l 20 May')).toEqual(['2026-05-20', ''])
    expect(on('bed 1 watered 10 l 2026-06-01')).toEqual(['2026-06-01', ''])
    expect(on('bed 1 watered 10 l 24 December')).toEqual(['2025-12-24', ''])
    expect(on('bed 1 watered 10 l 20 May 2027')).toEqual({ why: 'ahead', on: '2027-05-20' })
    expect(on('bed 1 may have slugs')).toEqual([null, 'may have slugs'])
  })
  it('knows what growers say for it, and a place or cultivar in their way of writing', () => {
    expect(read('bed 12 set out')).toMatchObject({
      kind: 'set-out',
      subject: { id: 'tray' },
      data: { count: 5 },
    })
    expect(read('bed 12 transplanted 3 yesterday')).toMatchObject({ data: { count: 3 }, on: '2026-06-17' })
    expect(read('pot 3 flowering')).toMatchObject({ kind: 'flowered' })
    expect(read('bed 2 soil 15.5')).toMatchObject({
      kind: 'soil-read',
      data: { temperature: 15.5, depth: 0.15 },
    })
    expect(read('bed2 watered 4 l')).toMatchObject({ subject: { id: 'Bed 2' }, data: { litres: 4 } })
    expect(read('pocket thistle picked 300 g')).toMatchObject({ subject: { id: 'one' }, data: { mass: 0.3 } })
  })
})
