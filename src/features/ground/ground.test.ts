import { dayOf } from '../../core/garden-day'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../../core/calendar'
import { inGarden, inPlace, plainPlace, type GroundRows, type Manner, type Planting } from '../../core/facts'
import { demoState } from '../../data/demo/demo-state'
import { landingIn } from './place/board-plant'
import { groundFault, overlaps } from './plan/faults'
import { boundsOf, outlineOf, rectangleAround, snapped, type Lying } from '../../core/ground'
import { groundGeoJson, groundSvg } from './files/files'
import { stretched } from './plan/handles'
import { lightTask } from './light/task'
import { newPiece } from './plan/new-piece'
import { scaleFor } from './papers/paper-plan'
import { piecesOf, plantLabels, positionsCsv } from './papers/paper-queries'
import { placeView } from './place/queries'
import { groundView } from './queries'
import { readGround } from './files/read-ground'
import { pieceSchema, placeFrom, typedPiece, unrounded } from './schema'
import { sharedArea } from './plan/shared-area'
import { swapEdits } from './plan/swap'

const TODAY = '2026-06-18' as IsoDate
const manner: Manner = { units: 'metric', decimals: 'point', dates: 'day-first' }
const site = { latitude: 41.2, longitude: -97.6 }
const state = demoState()
const view = groundView(dayOf(state, TODAY))
const metres = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const anyLying: fc.Arbitrary<Lying> = fc.record({
  x: metres(-20, 20),
  y: metres(-20, 20),
  length: metres(0.5, 10),
  width: metres(0.3, 5),
  turn: metres(-180, 180),
})

describe('a place that is turned', () => {
  it('keeps every spot when it goes to the garden and back', () => {
    fc.assert(
      fc.property(anyLying, metres(-3, 3), metres(-3, 3), (lying, x, y) => {
        const back = inPlace(lying, inGarden(lying, { x, y }))
        expect(back.x).toBeCloseTo(x, 9)
        expect(back.y).toBeCloseTo(y, 9)
      }),
    )
  })
  it('is found again from its outline alone', () => {
    fc.assert(
      fc.property(anyLying, (lying) => {
        const found = rectangleAround(outlineOf(lying))
        expect(found.length * found.width).toBeCloseTo(lying.length * lying.width, 1)
        expect(sharedArea(found, lying)).toBeCloseTo(lying.length * lying.width, 0)
      }),
    )
  })
  it('shares no more than the smaller has, also where sides all but coincide', () => {
    fc.assert(
      fc.property(anyLying, metres(-1e-4, 1e-4), metres(-1e-9, 1e-9), (lying, shift, turn) => {
        const shared = sharedArea(lying, { ...lying, x: lying.x + shift, turn: lying.turn + turn })
        expect(shared).toBeCloseTo(lying.length * lying.width, 1)
      }),
      { numRuns: 500 },
    )
  })
  it('shares with another what is counted by hand', () => {
    const one = { x: 0, y: 0, length: 2, width: 1, turn: 0 }
    expect(sharedArea(one, { ...one, x: 1 })).toBeCloseTo(1, 9)
    expect(sharedArea(one, { ...one, x: 2 })).toBe(0)
    expect(sharedArea(one, { ...one, turn: 90 })).toBeCloseTo(1, 9)
  })
  it('is stretched with the opposite corner held', () => {
    fc.assert(
      fc.property(anyLying, metres(-12, 12), metres(-12, 12), (lying, x, y) => {
        const next = stretched(lying, [1, 1], { x, y }, true)
        const held = (of: Lying) => inGarden(of, { x: 0, y: 0 })
        expect(held(next).x).toBeCloseTo(held(lying).x, 2)
        expect(held(next).y).toBeCloseTo(held(lying).y, 2)
        expect(Math.min(next.length, next.width)).toBeGreaterThanOrEqual(0.1)
      }),
    )
  })
})

describe('a hand', () => {
  it('lets things snap to a neighbour’s line when near, else to the grid', () => {
    const bed = { x: 2, y: 2, length: 4.8, width: 1.2, turn: 0 }
    expect(snapped({ ...bed, x: 2.08, y: 5.03 }, [bed])).toEqual({ x: 2, y: 5 })
    expect(snapped({ ...bed, x: 9.04, y: 9.96 }, [])).toEqual({ x: 9, y: 10 })
  })
  it('lets a plant snap to the emitter it is near, and stay inside', () => {
    const bed = {
      ...plainPlace({ id: 'b', name: 'B', kind: 'bed', length: 3, width: 1.2 }),
      dripLines: [0.6],
      emitterSpacing: 0.3,
      emitterFirst: 0.15,
    }
    expect(landingIn(bed, { x: 0.71, y: 0.55 }, false)).toEqual({ x: 0.75, y: 0.6 })
    expect(landingIn(bed, { x: 0.71, y: 0.22 }, false)).toEqual({ x: 0.7, y: 0.2 })
    expect(landingIn(bed, { x: 9, y: -1 }, true)).toEqual({ x: 3, y: 0 })
  })
})

describe('what cannot be', () => {
  const rows = view.rows
  const change = (id: string, to: Partial<Lying>): GroundRows => ({
    ...rows,
    place: rows.place.map((place) => (place.id === id ? { ...place, ...to } : place)),
  })
  it('a place that leaves its own plants outside', () => {
    expect(groundFault(change('demo-bed-1', { length: 2 }), rows, TODAY)).toMatch(/would stand outside Bed 1/)
  })
  it('a place that is moved over another’s plants', () => {
    expect(groundFault(change('demo-bed-1', { y: 4.4 }), rows, TODAY)).toMatch(
      /would lie on \d+ plants of Bed 2/,
    )
  })
  it('a place that is put away under its plants', () => {
    const away = { ...rows, place: rows.place.filter(({ id }) => id !== 'demo-row-b') }
    expect(groundFault(away, rows, TODAY)).toMatch(/^24 plants grow in Row B: clear them/)
    expect(groundFault({ ...away, plant: [] }, { ...rows, plant: [] }, TODAY)).toBeNull()
  })
  it('is not what only lies beside, is turned on the spot, or was so before', () => {
    expect(groundFault(change('demo-bed-1', { x: 2.4 }), rows, TODAY)).toBeNull()
    expect(groundFault(change('demo-pot-1', { turn: 45 }), rows, TODAY)).toBeNull()
    const before = change('demo-bed-1', { y: 4.4 })
    expect(groundFault({ ...before, obstacle: [] }, before, TODAY)).toBeNull()
  })
  it('is told as places that lie on each other; a tunnel may stand over a bed', () => {
    expect(overlaps(rows.place)).toEqual([])
    expect(overlaps(change('demo-bed-1', { y: 4 }).place)).toHaveLength(1)
    expect(overlaps(change('demo-tunnel', { x: 2, y: 2 }).place)).toEqual([])
  })
})

describe('the ground', () => {
  it('tells first how many stand, and what is crowded, off the plan or on old ground', () => {
    expect(view.answer).toMatch(/^\d+ plants on 16 places, room for \d+ more$/)
    expect(view.notes['demo-bed-1']).toMatchObject({ held: '6 Copperlace, 6 Dusk Plum', plants: 12 })
    expect(view.notes['demo-bed-2']!.rotation.verdict).toBe('again')
    const off = groundView(
      dayOf({ ...state, plants: state.plants.filter(({ id }) => id !== 'demo-2026-bed-2-1-1') }, TODAY),
    )
    expect(off.troubles).toContainEqual('Old Harrow in Bed 2: 1 plant not on the plan yet.')
    const pressed = state.plants.map((plant) =>
      plant.id === 'demo-2026-bed-2-1-1' ? { ...plant, x: 0.9 } : plant,
    )
    expect(groundView(dayOf({ ...state, plants: pressed }, TODAY)).troubles.join()).toMatch(
      /Bed 2: \d plants closer than advised/,
    )
  })
  it('no longer shows a plant that was taken out', () => {
    const out = {
      ...state,
      plants: state.plants.map((plant) =>
        plant.id === 'demo-2026-bed-2-1-1' ? { ...plant, to: '2026-06-17' as IsoDate } : plant,
      ),
    }
    const seen = groundView(dayOf(out, TODAY))
    expect(seen.canopies).toHaveLength(view.canopies.length - 1)
    expect(seen.rows.plant).toHaveLength(view.rows.plant.length - 1)
    expect(placeView(dayOf(out, TODAY), 'demo-bed-2')!.plants).toHaveLength(7)
    expect(plantLabels(dayOf(out, TODAY), 'http://garden.test')).toHaveLength(view.canopies.length - 1)
    expect(groundView(dayOf(out, '2026-06-17' as IsoDate)).canopies).toHaveLength(view.canopies.length)
  })
  it('starts empty with what to do first', () => {
    const empty = demoState({ empty: true })
    expect(groundView(dayOf({ ...empty, record: { ...empty.record, places: [] } }, TODAY)).answer).toBe(
      'Draw your first place',
    )
  })
  it('knows inside a place what stands, what was trusted, and how dry the days are', () => {
    const place = placeView(dayOf(state, TODAY), 'demo-bed-1')!
    expect(place.plantings.map(({ name, stands }) => [name, stands])).toEqual([
      ['Copperlace', true],
      ['Dusk Plum', true],
    ])
    expect(place.trusted).toContain('demo-copperlace')
    expect(place.et0.today).toBeGreaterThan(1)
    expect(place.et0.heat).toBeGreaterThan(place.et0.today)
    expect(placeView(dayOf(state, TODAY), 'no-such-place')).toBeNull()
  })
  it('asks the light of everything that casts a shadow', () => {
    const task = lightTask(view.rows, view.canopies, 41.2, [172], true)
    expect(task.plants).toHaveLength(view.canopies.length)
    expect(task.question.shaders).toHaveLength(view.canopies.length + 1 + 3)
    expect(lightTask(view.rows, view.canopies, 41.2, [172], false).plants.length).toBeLessThan(
      task.plants.length,
    )
  })
})

describe('a new piece', () => {
  it('comes on open ground, with the next name, in the gardener’s sizes', () => {
    const pieces = piecesOf(view)
    const made = newPiece('bed', pieces, manner)
    expect(made.row).toMatchObject({ name: 'Bed 6', length: 3, width: 1.2 })
    for (const { row } of pieces) expect(sharedArea(row, made.row)).toBe(0)
    expect(newPiece('bed', [], { ...manner, units: 'us' }).row.length).toBeCloseTo(3.048, 3)
    expect(newPiece('tree', pieces, manner)).toMatchObject({ of: 'obstacle', row: { density: 0.85 } })
  })
})

describe('a piece as it is typed', () => {
  const bed = { ...view.rows.place.find(({ id }) => id === 'demo-bed-1')!, x: 2.0004 }
  const typed = (change: Partial<ReturnType<typeof typedPiece>>) => {
    const shown = typedPiece(bed, manner)
    const values = { ...shown, ...change }
    return placeFrom(bed, unrounded(pieceSchema(manner).validateSync(values), values, shown, bed))
  }
  it('comes back as it was, to the last digit, where nothing was touched', () => {
    expect(typed({})).toEqual(bed)
  })
  it('takes what is typed, in any unit', () => {
    expect(typed({ length: '16 ft', dripLines: '30 cm, 0.9 m', turn: '−15°' })).toMatchObject({
      length: expect.closeTo(4.877, 3),
      dripLines: [0.3, 0.9],
      turn: -15,
    })
  })
  it('may lie west or south of the garden’s corner', () => {
    expect(typed({ x: '−1.5 m', y: '-30 cm' })).toMatchObject({ x: -1.5, y: -0.3 })
    expect(() => typed({ x: 'there' })).toThrow(/not an amount/)
  })
  it('refuses what cannot be, and says what would be right', () => {
    expect(() => typed({ length: '0', dripLines: '', emitterFirst: '' })).toThrow(/From 5\scm to/)
    expect(() => typed({ length: '7 cm', dripLines: '', emitterFirst: '' })).toThrow(
      /From 10\scm to .* for a bed/,
    )
    expect(() => typed({ width: '-2 m', dripLines: '', emitterFirst: '' })).toThrow(
      /below zero|From 10\scm to/,
    )
    expect(() => typed({ dripLines: '2 m' })).toThrow(/is outside: the place is 1\.2\sm wide/)
    expect(() => typed({ emitterSpacing: '' })).toThrow(/how far apart the emitters/)
    expect(() => typed({ emitterFirst: '6 m' })).toThrow(/none would reach/)
    expect(() => typed({ turn: 'askew' })).toThrow(/Degrees/)
  })
})

describe('files', () => {
  const read = (text: string) => readGround(text, site, manner)
  it('bring every piece back as it was', () => {
    const back = read(groundGeoJson(state))
    if ('problem' in back) throw new Error(back.problem)
    expect(back.faults).toEqual([])
    expect(back.pieces).toEqual(piecesOf(view))
  })
  it('bring a bed from its outline on earth alone', () => {
    const file = JSON.parse(groundGeoJson(state)) as { features: { properties: object; geometry: object }[] }
    for (const feature of file.features) feature.properties = { name: 'Drawn elsewhere' }
    const back = read(JSON.stringify({ type: 'FeatureCollection', features: file.features.slice(3, 4) }))
    if ('problem' in back) throw new Error(back.problem)
    const bed = view.rows.place[0]!
    expect(back.pieces[0]!.row).toMatchObject({ name: 'Drawn elsewhere', kind: 'bed' })
    for (const side of ['x', 'y', 'length', 'width'] as const)
      expect(back.pieces[0]!.row[side]).toBeCloseTo(bed[side], 1)
  })
  it('of another type are answered clearly', () => {
    expect(read('{"type":"Point","coordinates":[0,0]}')).toMatchObject({
      problem: expect.stringMatching(/another type \(Point\)/),
    })
    expect(read('{"type":')).toMatchObject({ problem: expect.stringMatching(/cut off/) })
    expect(read('  ')).toMatchObject({ problem: expect.stringMatching(/empty/) })
    const line = {
      type: 'FeatureCollection',
      features: [{ type: 'Feature', properties: {}, geometry: { type: 'LineString', coordinates: [] } }],
    }
    expect(read(JSON.stringify(line))).toMatchObject({
      pieces: [],
      faults: ['Feature 1 is a LineString; it must be a Polygon.'],
    })
  })
  it('of CSV take lengths in any unit, and tell wrong lines by number', () => {
    const back = read(
      'name,kind,length,width,turn\nHerbs,bed,10 ft,4 ft,\nOak,tree,3,3,\nBad,bed,zero,1,\nHuge,bed,5 km,1,\nOdd,pond,2,1,\n',
    )
    if ('problem' in back) throw new Error(back.problem)
    expect(back.pieces.map(({ row }) => [row.name, row.kind])).toEqual([
      ['Herbs', 'bed'],
      ['Oak', 'tree'],
    ])
    expect(back.pieces[0]!.row.length).toBeCloseTo(3.048, 3)
    expect(back.faults.map((fault) => fault.slice(0, 6))).toEqual(['Line 4', 'Line 5', 'Line 6'])
    expect(read('what,ever\n1,2\n')).toMatchObject({
      problem: expect.stringMatching(/name, length, width not found/),
    })
  })
  it('tell where every plant stands, as a table and as labels', () => {
    const lines = positionsCsv(dayOf(state, state.now)).split('\r\n')
    expect(lines).toHaveLength(1 + view.canopies.length)
    expect(lines[1]).toMatch(/^Bed 1,1,Copperlace,/)
    const labels = plantLabels(dayOf(state, TODAY), 'http://garden.test')
    expect(labels[0]).toMatchObject({
      cultivar: 'Copperlace',
      where: 'Bed 1, plant 1',
      date: 'planted out 16 May',
    })
    expect(labels[0]!.code.path.length).toBeGreaterThan(500)
  })
  it('draw the plan in millimetres at its scale, in colours of their own', async () => {
    const pieces = piecesOf(view)
    const svg = await groundSvg(state)
    const scale = scaleFor(pieces, { width: 297, height: 210 })
    const { west, east } = boundsOf(pieces.map(({ row }) => row))
    expect(Number(/width="([\d.]+)mm"/.exec(svg)![1])).toBeCloseTo(((east - west) * 1000) / scale + 16, 6)
    expect(svg).not.toContain('var(--')
  })
})

describe('rows that change places', () => {
  const planting = (id: string, placeId = 'b') => ({ ...state.record.plantings[0]!, id, placeId }) as Planting
  const plant = (id: string, plantingId: string, y: number) => ({
    id,
    plantingId,
    label: id,
    x: 1,
    y,
    from: null,
    to: null,
  })
  const bed = plainPlace({ id: 'b', name: 'B', kind: 'bed', length: 3, width: 1.2 })
  it('take each other’s lines in one place', () => {
    const edits = swapEdits(planting('p'), planting('q'), [plant('1', 'p', 0.3), plant('2', 'q', 0.9)], bed)
    expect(edits).toMatchObject([
      { id: '1', row: { y: 0.9 } },
      { id: '2', row: { y: 0.3 } },
    ])
  })
  it('take each other’s place where they have one each, and cannot where they share a line', () => {
    expect(swapEdits(planting('p'), planting('q', 'c'), [], bed)).toMatchObject([
      { row: { placeId: 'c' } },
      { row: { placeId: 'b' } },
    ])
    expect(swapEdits(planting('p'), planting('q'), [plant('1', 'p', 0.3), plant('2', 'q', 0.3)], bed)).toBe(
      'not-rows',
    )
  })
})
