import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate, type IsoDate } from '../calendar'
import {
  normalsFor,
  seasonNumber,
  seasonOf,
  seasonStart,
  shiftTemperatures,
  simulateSeasons,
  startOfSeason,
} from '../climate'
import { entryOf, plain, sampleGarden, sixSlicers } from '../../test/sample-garden'
import {
  allPlantings,
  firstDates,
  firstSeason,
  isDone,
  onPlan,
  seasonInView,
  seasonOutlook,
  seasonToPlant,
} from '.'

const garden = (season: number, entries: Parameters<typeof sampleGarden>[0] = []) =>
  sampleGarden(entries, { plantings: [{ ...sixSlicers, season }] })
const outlookOn = (on: string, season = 2027, entries: Parameters<typeof sampleGarden>[0] = []) =>
  seasonOutlook(garden(season, entries), isoDate(on), null)

describe('a season’s number', () => {
  const south = normalsFor('southern-temperate', { latitude: -37, elevation: 50 })
  const monsoon = normalsFor('monsoon', { latitude: 19, elevation: 500 })
  it('is the year in which its summer begins, in both halves of the world', () => {
    expect(seasonOf(plain, isoDate('2026-06-18'))).toBe(2026)
    expect(seasonOf(plain, isoDate('2026-12-31'))).toBe(2026)
    expect(seasonOf(south, isoDate('2026-12-31'))).toBe(2026)
    expect(seasonOf(south, isoDate('2027-03-01'))).toBe(2026)
    expect(seasonOf(south, isoDate('2027-09-01'))).toBe(2027)
    // Its coldest day lies in December: the summer after it is the next year’s.
    expect(seasonOf(monsoon, isoDate('2027-03-01'))).toBe(2027)
  })
  it('and its first day lead to each other', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1950, max: 2150 }),
        fc.constantFrom(plain, south, monsoon),
        (season, normals) => {
          const start = startOfSeason(normals, season)
          expect(seasonNumber(start)).toBe(season)
          expect(seasonStart(normals, start)).toBe(start)
        },
      ),
    )
  })
  it('stays what it was when the climate is bent', () => {
    for (const by of [-6, -2, 3, 6])
      for (const on of ['2026-02-10', '2026-07-01', '2026-11-28'] as IsoDate[])
        expect(seasonOf(shiftTemperatures(plain, by), on)).toBe(seasonOf(plain, on))
  })
})

describe('a planting of the season to come', () => {
  it('is dated in its own year, from the autumn before', () => {
    const { plantings, coming } = outlookOn('2026-11-28')
    expect(plantings).toEqual([])
    const [own] = coming
    expect(own!.dates.sow.date).toMatch(/^2027-0[34]/)
    expect(own!.dates['set-out'].date).toMatch(/^2027-0[56]/)
    expect(own!.dates['first-ripe'].spread!.share).toBeGreaterThan(0.5)
    expect(own!.phase).toBe('planned')
  })
  it('stands in February where it was put, with the same dates', () => {
    const autumn = outlookOn('2026-11-28').coming[0]!
    const { plantings, coming } = outlookOn('2027-02-10')
    expect(coming).toEqual([])
    expect(plantings[0]!.planting.id).toBe(autumn.planting.id)
    const apart = daysBetween(autumn.dates['set-out'].date!, plantings[0]!.dates['set-out'].date!)
    expect(Math.abs(apart)).toBeLessThanOrEqual(3)
  })
  it('has soil and growth beyond the year’s end', () => {
    const { coming, line } = outlookOn('2026-12-20')
    const own = coming[0]!
    const ripe = daysBetween(addDays('1970-01-01' as IsoDate, line.air.from), own.dates['first-ripe'].date!)
    expect(ripe).toBeLessThan(line.air.days)
    expect(own.soil[ripe]).toBeGreaterThan(12)
  })
})

describe('the season in view', () => {
  it('is this one while something can still ripen, then the next', () => {
    const empty = (on: string) =>
      seasonInView(seasonOutlook(sampleGarden([], { plantings: [] }), isoDate(on), null))
    expect(empty('2026-06-01').season).toBe(2026)
    expect(empty('2026-11-28')).toMatchObject({ season: 2027, plantings: [] })
  })
  it('stays while anything of it is left', () => {
    const set = entryOf('1', 'set-out', '2026-05-20', { count: 6 } as never)
    const august = outlookOn('2026-08-20', 2026, [set])
    expect(seasonInView(august).season).toBe(2026)
    const winter = outlookOn('2026-12-20', 2026, [set])
    expect(winter.plantings.every((own) => isDone(own, winter.today))).toBe(true)
    expect(seasonInView(winter).season).toBe(2027)
  })
  it('takes a new planting into the first season in which it can ripen', () => {
    expect(seasonToPlant(outlookOn('2026-05-20'))).toBe(2026)
    expect(seasonToPlant(outlookOn('2026-09-20'))).toBe(2027)
    expect(seasonToPlant(outlookOn('2027-01-30'))).toBe(2027)
  })
  it('goes on where no frost ends it, but for its last weeks', () => {
    const ensemble = simulateSeasons({
      normals: normalsFor('two-season-hot', { latitude: 10, elevation: 20 }),
      latitude: 10,
      count: 20,
    })
    const at = (days: number) => {
      const start = startOfSeason(ensemble.normals, 2026)
      return seasonToPlant({ ensemble, start, season: 2026, today: addDays(start, days) })
    }
    expect(at(200)).toBe(2026)
    expect(at(340)).toBe(2027)
  })
})

describe('what a plan shows', () => {
  it('is what stands, and only where nothing does what is to come', () => {
    const both = (on: string) =>
      seasonOutlook(
        sampleGarden([entryOf('1', 'set-out', '2026-05-20', { count: 6 } as never)], {
          plantings: [
            { ...sixSlicers, season: 2026 },
            { ...sixSlicers, id: 'next', season: 2027 },
          ],
        }),
        isoDate(on),
        null,
      )
    const ids = (on: string) => onPlan(both(on)).map(({ planting }) => planting.id)
    expect(ids('2026-08-01')).toEqual([sixSlicers.id])
    expect(ids('2026-12-20')).toEqual(['next'])
    expect(allPlantings(both('2026-08-01'))).toHaveLength(2)
  })
})

describe('the first dates', () => {
  const at = (on: string) => firstDates(seasonOutlook(sampleGarden([], { plantings: [] }), isoDate(on), null))
  it('are of the season that can still ripen', () => {
    expect(at('2026-02-01')).toMatchObject({ season: 2026, isForBought: false })
    expect(at('2026-06-10')).toMatchObject({ season: 2026, isForBought: true })
    expect(at('2026-11-28')).toMatchObject({ season: 2027, isForBought: false })
  })
  it('have the frosts of the middle year beside them, in the season that they are of', () => {
    const outlook = (on: string) => seasonOutlook(sampleGarden([], { plantings: [] }), isoDate(on), null)
    for (const on of ['2026-02-01', '2026-11-28']) {
      const { season, crops, lastFrost, firstFrost } = firstSeason(at(on), outlook(on).frost)
      expect([season, crops]).toEqual([at(on).season, at(on).crops])
      expect([lastFrost!, firstFrost!].map((day) => Number(day.slice(0, 4)))).toEqual([season, season])
      expect(lastFrost! < crops[0]!.opens! && crops[0]!.opens! < firstFrost!).toBe(true)
    }
  })
  it('give peppers two weeks more indoors, and plant them out no sooner', () => {
    const [tomato, pepper] = at('2026-02-01').crops
    expect(daysBetween(tomato!.sow!, tomato!.opens!)).toBe(49)
    expect(daysBetween(pepper!.sow!, pepper!.opens!)).toBe(63)
    expect(pepper!.opens! >= tomato!.opens!).toBe(true)
  })
})
