import { describe, expect, it } from 'vitest'
import { epochDay, type IsoDate } from '../calendar'
import { emptySeries, type DailySeries, type WeatherSource } from '../climate'
import { seasonOutlook } from '../season'
import { entryOf, plain, sampleGarden, sixSlicers } from '../../test/sample-garden'
import { diagnose } from '../health'
import { blightCourse, healthContext } from '.'
import { pastWeather } from './past-weather'

const FROM = '2026-06-01' as IsoDate
const NEVER_ARID = Array<boolean>(12).fill(false)

/** Days that are all alike: 21–25 °C, and either soaked all night or dry. */
function weather(days: number, wetFrom: number): { air: DailySeries; sources: WeatherSource[] } {
  const air = emptySeries(epochDay(FROM), days)
  for (let day = 0; day < days; day++) {
    air.tmin[day] = 21
    air.tmax[day] = 25
    air.dewPoint[day] = day >= wetFrom ? 21 : 5
    air.rain[day] = day >= wetFrom ? 40 : 0
    air.wind[day] = 2
    air.solar[day] = 20
  }
  return { air, sources: Array<WeatherSource>(days).fill('recorded') }
}
const asked = { normals: plain, latitude: 41, crop: 'tomato', heatShift: 0 } as const

describe('the blight score', () => {
  it('adds up the severity of wet days and nothing of dry ones', () => {
    const course = blightCourse(weather(20, 10), NEVER_ARID, 0, 19)
    expect(course).toHaveLength(20)
    expect(course.slice(0, 10).every(({ sum }) => sum === 0)).toBe(true)
    // 12 h of rain and 2 h after at 21–25 °C: severity 3 by the table.
    expect(course[10]!.score).toBeGreaterThanOrEqual(3)
    expect(course.at(-1)!.sum).toBe(course.reduce((sum, { score }) => sum + score, 0))
  })
  it('warns of late blight on the second damp day, not on the first', () => {
    const course = blightCourse(weather(20, 10), NEVER_ARID, 0, 19)
    expect(course[10]!.late).toBe(false)
    expect(course[11]!.late).toBe(true)
  })
  it('begins with the first day asked, but knows the one before', () => {
    const course = blightCourse(weather(20, 10), NEVER_ARID, 11, 19)
    expect(course[0]).toMatchObject({ date: '2026-06-12', late: true })
    expect(course[0]!.sum).toBe(course[0]!.score)
  })
  it('makes nothing of usual days, which have no wet spells of their own', () => {
    const { air } = weather(20, 0)
    const usual = { air, sources: Array<WeatherSource>(20).fill('normal') }
    expect(blightCourse(usual, NEVER_ARID, 0, 19).every(({ score, late }) => score === 0 && !late)).toBe(true)
  })
})

describe('the weather of the past weeks', () => {
  it('is told in its sums and means', () => {
    const past = pastWeather(weather(40, 36), 40, asked)!
    expect(past).toMatchObject({
      rain: 160,
      wettest: 40,
      sinceRain: 0,
      meanHigh: 25,
      hottest: 25,
      coldNights: 0,
      coldest: 21,
    })
    expect(past.mean).toBe(23)
    expect(past.set).toBe(1)
    expect(past.blightOn).toBe('2026-07-10')
  })
  it('is not known where too few of its days were recorded', () => {
    const { air } = weather(40, 36)
    const sources = Array.from({ length: 40 }, (_, day): WeatherSource => (day < 32 ? 'normal' : 'recorded'))
    expect(pastWeather({ air, sources }, 40, asked)).toBeNull()
  })
})

describe('what is known of a planting’s health', () => {
  const out = entryOf('out', 'set-out', '2026-05-20', {
    count: 6,
    method: 'upright',
    school: 'worked-out',
    stemBuried: 0.1,
    holeDepth: 0.2,
    leavesStripped: 2,
  })
  const contextOn = (today: string, entries = [out]) => {
    const outlook = seasonOutlook(sampleGarden(entries), today as IsoDate, null)
    return healthContext(
      outlook,
      outlook.plantings.find(({ planting }) => planting.id === sixSlicers.id)!,
      {
        latitude: 41,
        soil: 'loam',
        watered: undefined,
        years: [2024],
        bears: () => 3,
      },
    )
  }
  it('follows its age', () => {
    expect(contextOn('2026-05-25').age).toBe('young')
    expect(contextOn('2026-09-20').age).toBe('ripening')
  })
  it('counts the years of rest, and leaves unknown what is not told', () => {
    expect(contextOn('2026-06-18')).toMatchObject({ rested: 1, water: null, feed: null, inPot: false })
  })
  it('learns of cuts from the log', () => {
    const cut = entryOf('cut', 'pruned', '2026-06-15', { cuts: [{ stem: 0, node: 3, organ: 'sucker' }] })
    expect(contextOn('2026-06-18', [out, cut]).wasCut).toBe(true)
    expect(contextOn('2026-07-18', [out, cut]).wasCut).toBe(false)
  })
  it('makes the same signs another trouble at another age', () => {
    const seen = { signs: ['pale-old-leaves', 'from-below'], absent: [] } as const
    const share = (today: string) =>
      diagnose({ signs: [...seen.signs], absent: [] }, contextOn(today)).answer.ranked.find(
        ({ cause }) => cause === 'nitrogen-shortage',
      )!.likelihood
    expect(share('2026-05-25')).not.toBe(share('2026-09-20'))
  })
})
