import { describe, expect, it } from 'vitest'
import { daysBetween, isoDate } from '../calendar'
import { normalsFor, OPEN_GROUND, seasonStart, simulateSeasons } from '../climate'
import { growPlant, growthDay, plantTraits, raisedDay, transplantCheck, type Cultivar } from '../crop'
import { sixSlicers } from '../../test/sample-garden'
import { stageDays, stagePlan, yearsIn } from '.'

const of = (
  fruit: Cultivar['fruit'],
  daysToMaturity: number,
  habit: Cultivar['habit'] = 'indeterminate',
): Cultivar => ({
  crop: 'tomato',
  habit,
  fruit,
  origin: 'hybrid',
  daysToMaturity,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
})
const pepper = (fruit: Cultivar['fruit'], days: number): Cultivar => ({
  ...of(fruit, days),
  crop: 'pepper',
  habit: null,
})
/** What packets say, d from planting out; a bell's and a large hot pepper's count to the green fruit. */
const PACKETS: Cultivar[] = [
  of('slicer', 52),
  of('cherry', 57),
  of('cherry', 65),
  of('saladette', 70),
  of('slicer', 75),
  of('slicer', 80),
  of('beefsteak', 85),
  of('paste', 74, 'determinate'),
  of('slicer', 65, 'determinate'),
  pepper('bell', 72),
  pepper('hot-large', 75),
  pepper('hot-small', 80),
]
/** Where packets are written for: warm summers of middle latitudes. */
const PLAIN = { climate: 'humid-warm-summer', latitude: 41, elevation: 300, setOut: '05-12' } as const
const OTHERS = [
  { climate: 'cool-maritime', latitude: 52, elevation: 50, setOut: '06-01' },
  { climate: 'dry-summer-warm', latitude: 38, elevation: 50, setOut: '04-20' },
  { climate: 'southern-temperate', latitude: -37, elevation: 50, setOut: '11-03' },
] as const

/** Days from planting out a standard plant to its first pick in the middle year; null: not in the middle year. */
function daysToPick(cultivar: Cultivar, place: (typeof OTHERS)[number] | typeof PLAIN): number | null {
  const normals = normalsFor(place.climate, place)
  const ensemble = simulateSeasons({ normals, latitude: place.latitude, count: 60 })
  const plan = stagePlan(sixSlicers, cultivar, [], isoDate('2026-01-01'), () => -400)
  const setOut = daysBetween(
    seasonStart(normals, isoDate(`2026-${place.setOut}`)),
    isoDate(`2026-${place.setOut}`),
  )
  const days = yearsIn(ensemble, OPEN_GROUND).map((year) => {
    const dates = stageDays(
      { ...plan, logged: { 'set-out': setOut, emerge: setOut - (cultivar.crop === 'tomato' ? 38 : 57) } },
      year,
    )
    const picked = dates['first-green'] ?? dates['first-ripe']
    return picked === null ? Infinity : picked - setOut
  })
  const middle = days.sort((a, b) => a - b)[Math.floor(days.length / 2)]!
  return Number.isFinite(middle) ? middle : null
}

describe('days to the first pick', () => {
  it.each(PACKETS.map((cultivar) => [cultivar.fruit, cultivar.daysToMaturity!, cultivar] as const))(
    'a %s of %d days keeps its packet within a tenth where packets are written for, and comes later in the cool',
    (_, packet, cultivar) => {
      const plain = daysToPick(cultivar, PLAIN)!
      expect(Math.abs(plain / packet - 1)).toBeLessThan(0.1)
      const [maritime, dry, south] = OTHERS.map((place) => daysToPick(cultivar, place))
      expect(maritime ?? Infinity).toBeGreaterThan(plain)
      for (const days of [dry!, south!]) expect(Math.abs(days / packet - 1)).toBeLessThan(0.35)
    },
  )
  it('a tomato of up to 65 days ripens in a maritime summer, in three to four months', () => {
    for (const cultivar of PACKETS.filter(
      ({ crop, daysToMaturity }) => crop === 'tomato' && daysToMaturity! <= 65,
    )) {
      const days = daysToPick(cultivar, OTHERS[0])!
      expect(days).toBeGreaterThan(60)
      expect(days).toBeLessThan(115)
    }
  })
})

describe('one clock', () => {
  it.each(PACKETS.map((cultivar) => [cultivar.fruit, cultivar.daysToMaturity!, cultivar] as const))(
    'the drawing of a %s of %d days opens its first truss on the calendar’s day',
    (_, __, cultivar) => {
      const normals = normalsFor(PLAIN.climate, PLAIN)
      const ensemble = simulateSeasons({ normals, latitude: 41, count: 1 })
      const season = ensemble.seasons[0]!
      const year = yearsIn(ensemble, OPEN_GROUND)[0]!
      const emerge = 100
      const setOut = emerge + (cultivar.crop === 'tomato' ? 38 : 57)
      const plan = stagePlan(sixSlicers, cultivar, [], isoDate('2026-01-01'), () => -400)
      const flower = stageDays({ ...plan, logged: { emerge, 'set-out': setOut } }, year)['first-flower']!
      const opensBy = (until: number) => {
        const days = Array.from({ length: until - emerge + 1 }, (_, index) =>
          emerge + index < setOut
            ? raisedDay(cultivar.crop)
            : growthDay(
                { tmin: season.tmin[emerge + index]!, tmax: season.tmax[emerge + index]! },
                cultivar.crop,
              ),
        )
        const grown = growPlant(plantTraits(cultivar), days, [], {
          setOut: {
            day: setOut - emerge,
            stemBuried: 0,
            leavesStripped: 0,
            check: transplantCheck(cultivar.crop),
          },
        })
        return grown.stems[0]!.nodes.some(({ truss }) => truss !== null && truss.state !== 'buds')
      }
      expect([opensBy(flower - 1), opensBy(flower)]).toEqual([false, true])
    },
  )
})
