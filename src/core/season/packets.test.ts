import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import { normalsFor, OPEN_GROUND, simulateSeasons } from '../climate'
import { growPlant, growthDay, plantTraits, raisedDay, transplantCheck } from '../crop'
import { PACKETS } from '../../test/customs'
import { daysToPick, PLAIN, type PickClimate } from '../../test/evidence'
import { sixSlicers } from '../../test/sample-garden'
import { stageDays, stagePlan, yearsIn } from '.'

const MARITIME: PickClimate = { template: 'cool-maritime', latitude: 52, elevation: 50, setOut: '06-01' }
const DRY: PickClimate = { template: 'dry-summer-warm', latitude: 38, elevation: 50, setOut: '04-20' }
const SOUTH: PickClimate = { template: 'southern-temperate', latitude: -37, elevation: 50, setOut: '11-03' }
const CASES = PACKETS.map((cultivar) => [cultivar.fruit, cultivar.daysToMaturity!, cultivar] as const)

describe('days to the first pick', () => {
  it.each(CASES)(
    'a %s of %d days comes later in the cool, and a third off its packet at the most in other warm places',
    (_, packet, cultivar) => {
      const [plain, maritime, dry, south] = [PLAIN, MARITIME, DRY, SOUTH].map((climate) =>
        daysToPick(cultivar, climate),
      )
      expect(Math.abs(plain! / packet - 1)).toBeLessThan(0.1)
      expect(maritime ?? Infinity).toBeGreaterThan(plain!)
      for (const days of [dry!, south!]) expect(Math.abs(days / packet - 1)).toBeLessThan(0.35)
    },
  )
  it('a tomato of up to 65 days ripens in a maritime summer, in two to four months', () => {
    for (const cultivar of PACKETS.filter(
      ({ crop, daysToMaturity }) => crop === 'tomato' && daysToMaturity! <= 65,
    )) {
      const days = daysToPick(cultivar, MARITIME)!
      expect(days).toBeGreaterThan(60)
      expect(days).toBeLessThan(115)
    }
  })
})

describe('one clock', () => {
  it.each(CASES)(
    'the drawing of a %s of %d days opens its first truss on the calendar’s day',
    (_, __, cultivar) => {
      const ensemble = simulateSeasons({ normals: normalsFor(PLAIN.template, PLAIN), latitude: 41, count: 1 })
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
