import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { daylightHours } from '../climate'
import { plainPlace, type Obstacle, type Place } from '../facts'
import { judgeSun, lightMap, lightShare, placesSun, plantLight, sunPath, tallSide, type Shader } from '.'
import { isShaded, rayTo } from './shade'

const latitudes = fc.double({ min: -65, max: 65, noNaN: true })
const days = fc.integer({ min: 1, max: 365 })
const wall = (more: Partial<Extract<Shader, { shape: 'box' }>> = {}): Shader => ({
  id: 'wall',
  shape: 'box',
  x: 5,
  y: 0,
  length: 10,
  width: 0.2,
  turn: 0,
  height: 2,
  density: 1,
  ...more,
})
const area = { x: 0, y: 0, length: 10, width: 10, cell: 0.5 }

describe('the sun’s path', () => {
  it('is as long as the day, highest at noon and even on both sides', () => {
    fc.assert(
      fc.property(latitudes, days, (latitude, day) => {
        const path = sunPath(latitude, day)
        const sum = path.reduce((hours, step) => hours + step.hours, 0)
        expect(sum).toBeCloseTo(daylightHours(latitude, day), 1)
        path.forEach((step, index) =>
          expect(step.altitude).toBeCloseTo(path[path.length - 1 - index]!.altitude, 6),
        )
      }),
    )
  })
  it('stands at noon as high as latitude and season say, south of the north', () => {
    // At 40° N in June: 90 − 40 + 23.4 = 73.4°; in December 26.6° [Iqbal 1983].
    const noon = (day: number) => {
      const path = sunPath(40, day, 2)
      return path.reduce((high, step) => (step.altitude > high.altitude ? step : high))
    }
    expect((noon(172).altitude * 180) / Math.PI).toBeCloseTo(73.4, 0)
    expect((noon(355).altitude * 180) / Math.PI).toBeCloseTo(26.6, 0)
    expect(Math.abs(noon(172).azimuth)).toBeGreaterThan(3)
  })
})

describe('direct sun', () => {
  it('lasts all day under an open horizon, on the map and on a plant', () => {
    fc.assert(
      fc.property(latitudes, days, (latitude, day) => {
        const hours = daylightHours(latitude, day)
        const question = { latitude, daysOfYear: [day], shaders: [] }
        const [plant] = plantLight(question, [{ id: 'p', x: 1, y: 1, height: 1 }])
        expect(plant).toBeCloseTo(hours, 1)
        const map = lightMap(question, { x: 0, y: 0, length: 1, width: 1, cell: 0.5 })
        for (const cell of map.hours) expect(cell).toBeCloseTo(hours, 1)
      }),
      { numRuns: 30 },
    )
  })
  it('ends at noon where a wall on the south is higher than the sun, and not beyond its shadow', () => {
    // December at 40° N: the sun stands 26.6° high at noon; a 2 m wall shades 1.7 m / tan 26.6° = 3.4 m of level 0.3 m.
    const noon = sunPath(40, 355, 2).reduce((high, step) => (step.altitude > high.altitude ? step : high))
    const shaded = (y: number) => isShaded(wall(), rayTo(noon), 5, y, 0.3)
    expect([3.3, 3.7, -0.5].map(shaded)).toEqual([true, false, false])
  })
  it('is taken by the south wall from what stands north of it, nearest most', () => {
    const map = lightMap({ latitude: 40, daysOfYear: [80], shaders: [wall()] }, area)
    const at = (x: number, y: number) => map.hours[Math.floor(y / 0.5) * map.columns + Math.floor(x / 0.5)]!
    expect(at(5, 0.3)).toBeLessThan(at(5, 0.8))
    expect(at(5, 0.8)).toBeLessThan(at(5, 9))
    const open = lightMap({ latitude: 40, daysOfYear: [80], shaders: [wall({ height: 0.2 })] }, area)
    expect(Math.min(...open.hours)).toBeCloseTo(daylightHours(40, 80), 1)
  })
  it('is the same drawn onto the grid and asked of each spot', () => {
    fc.assert(
      fc.property(
        fc.record({
          x: fc.double({ min: 2, max: 8, noNaN: true }),
          y: fc.double({ min: 2, max: 8, noNaN: true }),
          radius: fc.double({ min: 0.6, max: 2, noNaN: true }),
          turn: fc.double({ min: 0, max: 180, noNaN: true }),
          round: fc.boolean(),
        }),
        days,
        ({ x, y, radius, turn, round }, day) => {
          const shader: Shader = round
            ? { id: 's', shape: 'cylinder', x, y, radius, height: 2, density: 1 }
            : { id: 's', shape: 'box', x, y, length: 3 * radius, width: radius, turn, height: 2, density: 1 }
          const question = { latitude: 45, daysOfYear: [day], shaders: [shader], minutes: 30 }
          const map = lightMap(question, area)
          const path = sunPath(45, day, 30)
          for (const [column, row] of [
            [3, 4],
            [10, 12],
            [16, 9],
          ] as const) {
            const [px, py] = [(column + 0.5) * 0.5, (row + 0.5) * 0.5]
            const hours = path
              .filter((sun) => !isShaded(shader, rayTo(sun), px, py, 0.3))
              .reduce((sum, sun) => sum + sun.hours, 0)
            expect(map.hours[row * map.columns + column]).toBeCloseTo(hours, 3)
          }
        },
      ),
    )
  })
  it('gives less behind a tall plant than before it, the other way round in the south', () => {
    const tall: Shader = { id: 'tall', shape: 'cylinder', x: 0, y: 0, radius: 0.4, height: 1.8, density: 1 }
    const low = (y: number, latitude: number, day: number) =>
      plantLight({ latitude, daysOfYear: [day], shaders: [tall] }, [{ id: 'low', x: 0, y, height: 0.6 }])[0]!
    expect(low(0.7, 41, 260)).toBeLessThan(low(-0.7, 41, 260))
    expect(low(-0.7, -35, 80)).toBeLessThan(low(0.7, -35, 80))
    expect([tallSide(41), tallSide(-35)]).toEqual(['north', 'south'])
  })
  it('does not count a plant’s own shade, and half of what thin shade takes', () => {
    const own: Shader = { id: 'p', shape: 'cylinder', x: 0, y: 0, radius: 3, height: 9, density: 1 }
    const question = { latitude: 41, daysOfYear: [172], shaders: [own] }
    const day = daylightHours(41, 172)
    const here = { x: 0, y: 0, height: 1 }
    expect(plantLight(question, [{ id: 'p', ...here }])[0]).toBeCloseTo(day, 6)
    expect(plantLight(question, [{ id: 'q', ...here }])[0]).toBe(0)
    const thin = { ...question, shaders: [{ ...own, density: 0.5 }] }
    expect(plantLight(thin, [{ id: 'q', ...here }])[0]).toBeCloseTo(day / 2, 6)
    expect(plantLight(thin, [{ id: 'q', ...here, inside: 'p' }])[0]).toBeCloseTo(day, 6)
  })
  it('refuses what cannot be', () => {
    const question = { latitude: 41, daysOfYear: [172], shaders: [wall({ height: -1 })] }
    expect(() => lightMap(question, area)).toThrow(/height/)
    expect(() => lightMap({ ...question, shaders: [] }, { ...area, cell: 0 })).toThrow(/cell/)
    expect(() => lightMap({ ...question, latitude: 120, shaders: [] }, area)).toThrow(/latitude/)
  })
})

describe('a place’s sun', () => {
  const bed = plainPlace({ id: 'bed', name: 'Bed', kind: 'bed', length: 4, width: 1 })
  const around = (obstacles: Obstacle[], places: Place[] = [bed]) => ({
    latitude: 50,
    daysOfYear: [172],
    places,
    obstacles,
  })
  const fence = (more: Partial<Obstacle>): Obstacle => ({
    id: 'fence',
    name: 'Fence',
    kind: 'wall',
    x: -5,
    y: -1,
    length: 14,
    width: 0.2,
    height: 4,
    turn: 0,
    density: 1,
    from: null,
    to: null,
    ...more,
  })
  const sunOf = (place: Place, there: Parameters<typeof placesSun>[1]) => placesSun([place], there)[0]!
  it('is the whole day where nothing stands, and never more', () => {
    expect(sunOf(bed, around([]))).toBeCloseTo(daylightHours(50, 172), 1)
  })
  it('is less beside a wall on the sun’s side, and the less the higher it is', () => {
    const hours = [1, 2, 4].map((height) => sunOf(bed, around([fence({ height })])))
    expect(hours).toEqual([...hours].sort((a, b) => b - a))
    expect(hours[2]).toBeLessThan(sunOf(bed, around([fence({ y: 2 })])))
  })
  it('counts another tunnel’s film, not its own', () => {
    const tunnel = { ...bed, id: 'tunnel', kind: 'tunnel' as const }
    expect(sunOf(tunnel, around([], [tunnel]))).toBeCloseTo(daylightHours(50, 172), 1)
    expect(sunOf(bed, around([], [bed, { ...tunnel, y: -2 }]))).toBeLessThan(daylightHours(50, 172))
  })
  it('is each place’s own when several are asked together', () => {
    const [near, far] = [bed, { ...bed, id: 'far', y: bed.y + 30 }]
    const there = around([fence({})], [near, far])
    expect(placesSun([near, far], there)).toEqual([sunOf(near, there), sunOf(far, there)])
    expect(sunOf(near, there)).toBeLessThan(sunOf(far, there))
  })
  it('leaves a place all of the light where nothing stands, and the sky’s own share behind the highest wall', () => {
    expect(lightShare(bed, around([]))).toBe(1)
    const shares = [2, 4, 30].map((height) => lightShare(bed, around([fence({ height })])))
    expect(shares).toEqual([...shares].sort((a, b) => b - a))
    expect(shares[2]).toBeLessThan(1)
    expect(shares[2]).toBeGreaterThanOrEqual(0.25)
  })
  it('is judged by the fruit: a cherry bears on less', () => {
    expect(judgeSun(5.5, { fruit: 'slicer' })).toEqual({ verdict: 'little', least: 6 })
    expect(judgeSun(5.5, { fruit: 'cherry' })).toEqual({ verdict: 'enough', least: 5 })
    expect(judgeSun(8, { fruit: 'slicer' }).verdict).toBe('good')
  })
})
