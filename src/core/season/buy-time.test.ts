import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import { normalsFor, simulateSeasons } from '../climate'
import { entryOf, sampleGarden } from '../../test/sample-garden'
import { closesBeforeItOpens, seasonOutlook, timeBuyers } from '.'

const cool = {
  ensemble: simulateSeasons({
    normals: normalsFor('short-summer-plain', { latitude: 51, elevation: 450 }),
    latitude: 51,
    count: 60,
  }),
}
const march = isoDate('2026-03-01')
const outlookOf = (entries: Parameters<typeof sampleGarden>[0] = [], on = march) =>
  seasonOutlook(sampleGarden(entries, cool), on, null)

describe('what buys time where the season is short', () => {
  const outlook = outlookOf()
  const own = outlook.plantings[0]!
  const bought = timeBuyers(outlook, own)
  const of = (by: string) => bought.find((one) => one.by === by)!

  it('is told where the window closes before it opens, the plan first', () => {
    expect(closesBeforeItOpens(own.window)).toBe(true)
    expect(bought.map(({ by }) => by)).toEqual([
      'as-planned',
      'cloth',
      'frame',
      'film',
      'big-plant',
      'earlier',
    ])
    expect(of('as-planned')).toMatchObject({ setOut: own.dates['set-out'], earlier: 0 })
  })
  it('lets a covered plant out sooner, a frame two to three weeks, and ripens it in more seasons', () => {
    expect(of('cloth').earlier!).toBeGreaterThan(0)
    expect(of('frame').earlier!).toBeGreaterThan(of('cloth').earlier!)
    expect(of('frame').earlier!).toBeGreaterThanOrEqual(12)
    expect(of('frame').earlier!).toBeLessThanOrEqual(28)
    const share = (by: string) => of(by).ripe.spread!.share
    expect(share('frame')).toBeGreaterThan(share('as-planned') + 0.1)
    for (const by of ['cloth', 'film', 'big-plant', 'earlier'])
      expect(share(by), by).toBeGreaterThanOrEqual(share('as-planned'))
  })
  it('does not move a date for what only ripens sooner', () => {
    expect(of('earlier').earlier).toBe(0)
    expect(of('earlier').daysToMaturity).toBe(own.cultivar.daysToMaturity! - 15)
  })
  it('is told of nothing that has the time, or stands already', () => {
    const warm = seasonOutlook(sampleGarden(), march, null)
    expect(timeBuyers(warm, warm.plantings[0]!)).toEqual([])
    const stands = outlookOf([entryOf('1', 'set-out', '2026-06-20')], isoDate('2026-06-25'))
    expect(timeBuyers(stands, stands.plantings[0]!)).toEqual([])
  })
})
