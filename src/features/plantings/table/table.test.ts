import { beforeEach, describe, expect, it } from 'vitest'
import { write } from '../../../data/database'
import { insertGardenFile } from '../../../data/garden-file'
import { loadGarden } from '../../../data/garden-state'
import { scratchDatabase } from '../../../test/scratch'
import { southGarden } from '../../../test/south-garden'
import { plantTable } from './actions'
import { guessColumns } from './columns'
import { readRow, type TableGarden } from './read-row'

scratchDatabase()
const south = southGarden()
beforeEach(() => write((tx) => insertGardenFile(tx, south.garden.file)))

const read = (text: string) => text.split('\n').map((line) => line.split(','))
const enter = (text: string) => {
  const rows = read(text)
  const { header, columns } = guessColumns(rows)
  const lines = rows.slice(header ? 1 : 0).map((cells, at) => ({ line: at + (header ? 2 : 1), cells }))
  return plantTable({ lines, columns })
}

describe('the columns of a list', () => {
  it('are known by their heads, in whatever order', () => {
    const { header, columns } = guessColumns(
      read('Variety,Qty,Bed,Support,Days to maturity\nTern,4,Lee,stake,70'),
    )
    expect(header).toBe(true)
    expect(columns).toEqual({ cultivar: 0, count: 1, place: 2, support: 3, days: 4 })
  })
  it('are told by what stands in them where nothing names them', () => {
    expect(guessColumns(read('Lee,Tern,4\nLee,Reef,6'))).toEqual({
      header: false,
      columns: { place: 0, cultivar: 1, count: 2 },
    })
  })
})

describe('a line of a list', () => {
  const garden: TableGarden = {
    manner: { units: 'us', decimals: 'point', dates: 'month-first' },
    season: 2026,
    spacingSchool: 'standard',
    places: [{ id: 'p1', name: 'Shore Row' }],
    cultivars: [],
  }
  const row = (heads: string, cells: string) =>
    readRow({ line: 1, cells: cells.split(',') }, guessColumns(read(heads)).columns, garden)
  const valuesOf = (...args: Parameters<typeof row>) => {
    const found = row(...args)
    if ('missing' in found) throw new Error(found.missing)
    return found.values
  }
  it('names a place that is there, or a new one by its kind', () => {
    expect(valuesOf('place,type,plants', 'shore row,cherry,4').spots[0]).toMatchObject({
      place: 'p1',
      count: '4',
    })
    expect(valuesOf('place,type,plants', 'Pot by the door,cherry,1').spots[0]).toMatchObject({
      place: 'new:container',
      name: 'Pot by the door',
      litres: '10 gal',
    })
    expect(valuesOf('place,length,width,type,plants', 'Lee,9 ft,3 ft,bell,6').spots[0]).toMatchObject({
      place: 'new:bed',
      length: '9 ft',
    })
  })
  it('reads type, habit, style and support by the words that people use', () => {
    expect(valuesOf('place,type,plants', 'A,Chili,2')).toMatchObject({
      cultivar: 'typical:hot-small',
      training: 'pepper',
    })
    expect(valuesOf('place,variety,type,habit,plants', 'A,Tern,slicing,indeterminate dwarf,2')).toMatchObject(
      {
        habit: 'dwarf',
        training: 'bush',
      },
    )
    expect(valuesOf('place,type,support,plants', 'A,slicer,string,2')).toMatchObject({
      support: 'string',
      training: 'single-stem',
    })
    expect(valuesOf('place,type,style,plants', 'A,slicer,single stem,2')).toMatchObject({ support: 'stake' })
    expect(valuesOf('place,type,from,plants', 'A,bell,bought,2').begins).toBe('bought')
  })
  it('says what it lacks', () => {
    expect(row('place,variety,plants', 'A,Nothing Known,2')).toEqual({
      missing: expect.stringContaining('“Nothing Known” is new here') as string,
    })
    expect(row('place,variety,plants', 'A,Tern,')).toEqual({ missing: 'Enter how many plants.' })
  })
})

describe('a list', () => {
  it('goes in whole, with the places and cultivars that it names', async () => {
    const before = (await loadGarden())!.record.plantings.length
    const answer = await enter(
      [
        'place,cultivar,type,plants,length,width',
        'Shore Row,Little Lantern,,2,,',
        'Lee,Tern,slicer,4,8 ft,4 ft',
        'Lee,Reef,,3,,',
        'Pot 1,,cherry,1,,',
      ].join('\n'),
    )
    expect(answer).toEqual({ ok: true, plantings: 4, plants: 10 })
    const { record } = (await loadGarden())!
    expect(record.plantings).toHaveLength(before + 4)
    expect(record.places.filter(({ name }) => name === 'Lee')).toHaveLength(1)
    expect(record.cultivars.map(({ name }) => name)).toContain('Red cherry tomato')
  })
  it('of which a line is wrong stays out, and each such line is told', async () => {
    const before = (await loadGarden())!
    const answer = await enter('place,cultivar,type,plants\nLee,Tern,slicer,4\nLee,Odd,,3\nLee,Tern,,many')
    expect(answer).toEqual({
      ok: false,
      faults: [
        { line: 3, message: expect.stringContaining('“Odd” is new here') as string },
        { line: 4, message: expect.stringContaining('A whole number from 1') as string },
      ],
    })
    const after = (await loadGarden())!
    expect(after.record.plantings).toHaveLength(before.record.plantings.length)
    expect(after.record.places).toHaveLength(before.record.places.length)
  })
  it('is a table of some lines', async () => {
    expect(await plantTable({ lines: [], columns: {} })).toMatchObject({ ok: false })
    expect(await plantTable(null as never)).toMatchObject({ ok: false })
  })
  it('lays 210 plants in seven rows of thirty in one go', async () => {
    const rows = Array.from({ length: 7 }, (_, at) => `Field row ${at + 1},slicer,30,45 ft,4 ft`)
    expect(await enter(['place,type,plants,length,width', ...rows].join('\n'))).toEqual({
      ok: true,
      plantings: 7,
      plants: 210,
    })
  })
})
