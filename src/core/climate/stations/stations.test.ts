import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { daysBetween, type IsoDate } from '../../calendar'
import {
  dateInSeason,
  frostPercentiles,
  requireNormals,
  seasonStart,
  simulateSeasons,
  usualClimate,
} from '..'
import { againstNeighbours } from './against-neighbours'
import { anchorsNear, climateLike, climateNear, distanceKm, stationsNear } from './near'
import { CLIMATE_STATIONS } from './station'
import { rainByMonth, throughQuarters } from './year'

const stationOf = (name: string) => CLIMATE_STATIONS.find((station) => station.name === name)!
const quantile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length * share)]!
const month = (normals: ReturnType<typeof climateLike>, of: number) =>
  (normals[of]!.tmin + normals[of]!.tmax) / 2

const CHECKED = againstNeighbours()

describe('the stations', () => {
  it('are four hundred and more, on every inhabited continent, each once', () => {
    expect(CLIMATE_STATIONS.length).toBeGreaterThanOrEqual(400)
    expect(new Set(CLIMATE_STATIONS.map(({ name }) => name)).size).toBe(CLIMATE_STATIONS.length)
    const south = CLIMATE_STATIONS.filter(({ latitude }) => latitude < 0)
    expect(south.length).toBeGreaterThan(130)
  })

  it('hold months that can be', () => {
    for (const station of CLIMATE_STATIONS) {
      expect(() => requireNormals(climateLike(station, station)), station.name).not.toThrow()
      expect(station.sea, station.name).toBeGreaterThanOrEqual(0)
      station.lows.forEach((low, at) => expect(low, station.name).toBeLessThan(station.highs[at]!))
    }
  })

  it('are told by those around them: left out in turn', () => {
    const worst = CHECKED.map(({ over }) => Math.max(...over.map(Math.abs)))
    expect(quantile(worst, 0.5)).toBeLessThanOrEqual(1.5)
    expect(quantile(worst, 0.9)).toBeLessThanOrEqual(3.5)
    expect(worst).toEqual(worst.toSorted((a, b) => b - a))
  })

  it('tell each other’s rain by month within a third, in the middle', () => {
    const off = CLIMATE_STATIONS.flatMap((station) => {
      const others = CLIMATE_STATIONS.filter((other) => other !== station)
      const { anchors } = anchorsNear(station, others)
      return station.rain.flatMap((told, at) => (told >= 20 ? [Math.abs(anchors.rain[at]! / told - 1)] : []))
    })
    expect(quantile(off, 0.5)).toBeLessThanOrEqual(1 / 3)
  })
})

describe('the usual climate of a place', () => {
  it.each([
    [45.5, -122.7, 50, 5, 21],
    [48.9, 2.4, 60, 5, 20.5],
    [41.9, 12.5, 20, 8, 25],
    [6.5, 3.4, 10, 27.5, 25.5],
    [-33.9, 18.4, 20, 21.5, 12.5],
    [-42.9, 147.3, 30, 17.5, 8.5],
  ])(
    'at %d, %d is as it is known, within 3 °C in January and July',
    (latitude, longitude, elevation, january, july) => {
      const months = usualClimate({ latitude, longitude, elevation })
      expect(months).toHaveLength(12)
      expect(Math.abs(month(months, 0) - january)).toBeLessThan(3)
      expect(Math.abs(month(months, 6) - july)).toBeLessThan(3)
    },
  )
  it('is refused for what is no place', () => {
    expect(() => usualClimate({ latitude: 95, longitude: 0, elevation: 0 })).toThrow(/latitude/)
  })
})

describe('a year from four months', () => {
  it('goes through them, and is smooth between', () => {
    const months = throughQuarters([-8, 4, 20, 9])
    expect([0, 3, 6, 9].map((at) => months[at])).toEqual(
      [-8, 4, 20, 9].map((told) => expect.closeTo(told, 9)),
    )
    expect(months[1]).toBeGreaterThan(-9)
    expect(months[1]).toBeLessThan(months[2]!)
  })

  it('keeps the year’s rain and never has less than none', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 4, maxLength: 4 }), (quarters) => {
        const year = 3 * quarters.reduce((a, b) => a + b, 0)
        const months = rainByMonth(quarters, year)
        expect(Math.min(...months)).toBeGreaterThanOrEqual(0)
        expect(months.reduce((a, b) => a + b, 0)).toBeCloseTo(year, 6)
      }),
    )
  })

  it('knows a desert’s dry air from a wet coast’s', () => {
    const dry = climateLike(stationOf('Phoenix'), stationOf('Phoenix'))
    const wet = climateLike(stationOf('New Orleans'), stationOf('New Orleans'))
    expect(dry[5]!.tmin - dry[5]!.dewPoint).toBeGreaterThan(8)
    expect(Math.abs(wet[6]!.tmin - wet[6]!.dewPoint)).toBeLessThan(2)
  })
})

describe('the climate of any place', () => {
  it.each([
    // Coldest and warmest month’s mean as commonly told.
    [{ latitude: 45.5, longitude: -122.7, elevation: 50, sea: 100 }, 5, 21],
    [{ latitude: 48.9, longitude: 2.4, elevation: 60, sea: 160 }, 5, 20.5],
    [{ latitude: 41.9, longitude: 12.5, elevation: 40, sea: 20 }, 8, 25],
    [{ latitude: 6.5, longitude: 3.4, elevation: 10, sea: 3 }, 25.5, 28.5],
    [{ latitude: -33.9, longitude: 18.4, elevation: 20, sea: 2 }, 12.5, 21.5],
    [{ latitude: -42.9, longitude: 147.3, elevation: 50, sea: 5 }, 8.5, 17.5],
  ])('is within 3 °C of what is told of %o', (place, coldest, warmest) => {
    const means = climateNear(place).normals.map(({ tmin, tmax }) => (tmin + tmax) / 2)
    expect(Math.abs(Math.min(...means) - coldest)).toBeLessThan(3)
    expect(Math.abs(Math.max(...means) - warmest)).toBeLessThan(3)
  })

  it('is the station’s own at a station', () => {
    const place = stationOf('Omaha')
    const { normals } = climateNear(place)
    expect(Math.abs(month(normals, 0) - month(climateLike(place, place), 0))).toBeLessThan(1.5)
  })

  it('is cooler uphill, by its lapse', () => {
    const place = { latitude: 46, longitude: 9, elevation: 200, sea: 150 }
    const low = climateNear(place).normals
    const high = climateNear({ ...place, elevation: 1200 }).normals
    const cooler = month(low, 6) - month(high, 6)
    expect(cooler).toBeGreaterThan(3)
    expect(cooler).toBeLessThan(9)
  })

  it('can be had anywhere on earth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: -430, max: 6000 }),
        fc.integer({ min: 0, max: 2600 }),
        (latitude, longitude, elevation, sea) => {
          const { normals, from } = climateNear({ latitude, longitude, elevation, sea })
          requireNormals(normals)
          expect(from.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1)
        },
      ),
      { numRuns: 300 },
    )
    expect(() => climateNear({ latitude: 91, longitude: 0, elevation: 0, sea: 0 })).toThrow(/latitude/)
  })

  it('does not jump where the date begins', () => {
    const east = climateNear({ latitude: -17.5, longitude: 179.99, elevation: 10, sea: 1 })
    const west = climateNear({ latitude: -17.5, longitude: -179.99, elevation: 10, sea: 1 })
    expect(Math.abs(month(east.normals, 0) - month(west.normals, 0))).toBeLessThan(0.2)
    expect(distanceKm({ latitude: 0, longitude: 179.5 }, { latitude: 0, longitude: -179.5 })).toBeCloseTo(
      111,
      0,
    )
    expect(stationsNear({ latitude: -18.1, longitude: -179 })[0]!.station.name).toBe('Suva')
  })
})

describe('frost', () => {
  // The average dates that are commonly told of each place.
  it.each([
    ['Chicago', '04-20', '10-24'],
    ['Minneapolis', '04-30', '10-05'],
    ['Des Moines', '04-26', '10-07'],
    ['Kansas City', '04-10', '10-24'],
    ['Dallas', '03-12', '11-27'],
    ['Atlanta', '03-24', '11-15'],
    ['Denver', '05-02', '10-06'],
    ['Salt Lake City', '04-19', '10-26'],
    ['Boise', '05-01', '10-08'],
    ['Spokane', '05-01', '10-05'],
    ['Portland OR', '03-26', '11-15'],
    ['Albuquerque', '04-16', '10-29'],
    ['Boston', '04-08', '11-07'],
    ['Albany NY', '05-02', '10-05'],
    ['Cleveland', '04-27', '10-28'],
    ['Nashville', '04-05', '10-31'],
    ['St Louis', '04-07', '10-28'],
    ['Toronto', '05-01', '10-15'],
    ['Calgary', '05-21', '09-14'],
    ['Montreal', '05-03', '10-07'],
    ['Berlin', '04-24', '10-22'],
    ['Munich', '04-28', '10-14'],
    ['Warsaw', '04-28', '10-12'],
    ['Moscow', '05-08', '09-30'],
    ['Budapest', '04-14', '10-24'],
    ['Kyiv', '04-22', '10-12'],
    ['Beijing', '04-05', '10-28'],
    ['Vienna', '04-12', '10-28'],
    ['Prague', '04-25', '10-18'],
    ['Bucharest', '04-12', '10-24'],
  ])('of %s is within twelve days of what is told', (name, lastSpring, firstAutumn) => {
    const station = stationOf(name)
    const normals = climateLike(station, station)
    const ensemble = simulateSeasons({ normals, latitude: station.latitude, count: 120 })
    const frost = frostPercentiles(ensemble)
    const start = seasonStart(normals, '2001-07-01' as IsoDate)
    const off = (told: string, worked: number | null) =>
      Math.abs(daysBetween(`2001-${told}` as IsoDate, dateInSeason(start, worked!)))
    expect(off(lastSpring, frost.lastSpring.p50), 'spring').toBeLessThanOrEqual(12)
    expect(off(firstAutumn, frost.firstAutumn.p50), 'autumn').toBeLessThanOrEqual(12)
  })
})
