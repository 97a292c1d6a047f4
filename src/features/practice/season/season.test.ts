import { describe, expect, it } from 'vitest'
import { addDays } from '../../../core/calendar'
import { dayOf } from '../../../core/garden-day'
import {
  LED_LENGTHS,
  LED_WATERINGS,
  LED_YES_NO,
  NOTHING,
  type LedActs,
  type LedLength,
} from '../../../core/led-season'
import { demoState } from '../../../data/demo/demo-state'
import { gardenOf } from '../../../test/garden'
import { advisedRun, forecastAt, ledRun } from './led-run'
import { ledAddress, ledOf, type LedAddress } from './led-text'
import { seasonPracticeView } from './queries'

const read = (address: string) => ledOf(new URLSearchParams(address.split('?')[1]))

describe('the address of a season', () => {
  it('is read as it was said, whatever was done', () => {
    for (const length of Object.keys(LED_LENGTHS) as LedLength[]) {
      const acts = Array.from({ length: 32 }, (_, bits): LedActs => ({
        water: LED_WATERINGS[bits % LED_WATERINGS.length]!,
        ...(Object.fromEntries(LED_YES_NO.map((act, bit) => [act, (bits & (2 ** bit)) !== 0])) as Omit<
          LedActs,
          'water'
        >),
      }))
      const led: LedAddress = { length, seed: 4711, acts }
      expect(read(ledAddress(led))).toEqual(led)
    }
  })
  it('that says none is none, and what is broken in it ends it there', () => {
    for (const wrong of [
      '',
      'length=year&seed=1',
      'length=short',
      'length=short&seed=-1',
      'length=short&seed=1e9',
      'length=toString&seed=1',
    ])
      expect(ledOf(new URLSearchParams(wrong))).toBeNull()
    const one = ledOf(new URLSearchParams('length=short&seed=1&acts=3v9v0'))
    expect(one!.acts).toEqual([
      { water: 'daily', prune: true, tie: true, feed: true, pick: true, cover: true },
    ])
    expect(
      ledOf(new URLSearchParams(`length=short&seed=1&acts=${'00'.repeat(500)}`))!.acts.length,
    ).toBeLessThan(100)
  })
})

describe('a season to practise', () => {
  const demo = seasonPracticeView(dayOf(demoState(), demoState().now)).site!
  it('begins on the garden’s own day to plant out and ends about its frost', () => {
    expect(demo.setOut).toBeGreaterThan(90)
    expect(demo.end - demo.setOut).toBeGreaterThanOrEqual(42)
    expect(demo.end - demo.setOut).toBeLessThanOrEqual(150)
  })
  it('is none where it never gets warm enough, and one on the other side of the world', () => {
    const polar = gardenOf({ latitude: 78, climateShift: -30, climateHot: -30, template: 'cool-maritime' })
    for (const month of polar.file.normals)
      Object.assign(month, { tmin: month.tmin - 25, tmax: month.tmax - 25, dewPoint: -30 })
    const of = (garden: typeof polar) => seasonPracticeView(dayOf(garden.state(), garden.state().now))
    expect(of(polar).site).toBeNull()
    const { site, start } = of(gardenOf({ latitude: -38, longitude: 145 }))
    const { season } = ledRun(site!, { length: 'short', seed: 2, acts: [] })
    expect(addDays(start, season.visits[0]!)).toMatch(/-(09|10|11|12)-/)
  })
  it('goes on visit by visit until it is over, and is told of each', () => {
    const acts: LedActs[] = []
    for (;;) {
      const run = ledRun(demo, { length: 'short', seed: 1, acts })
      expect(run.last === null).toBe(acts.length === 0)
      const { low, high, rain, days } = forecastAt(run.season, run.visit.at)
      if (run.isOver) break
      expect(low).toBeLessThan(high)
      expect([rain >= 0, days > 7]).toEqual([true, true])
      acts.push({ ...NOTHING, water: 'soak', prune: true, tie: true, pick: true })
    }
    expect(acts.length).toBeGreaterThanOrEqual(5)
    // More than the season has of visits is left out.
    const beyond = ledRun(demo, { length: 'short', seed: 1, acts: [...acts, ...acts, ...acts] })
    expect(beyond.isOver).toBe(true)
    expect(beyond.acts).toHaveLength(beyond.season.visits.length)
  })
  it('has Prairie’s own hand in the same weather, the same each time', () => {
    const { season } = ledRun(demo, { length: 'short', seed: 1, acts: [] })
    const end = () => {
      const steps = advisedRun(season)
      for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value
    }
    expect(end().picked).toBeGreaterThan(0.3)
    expect(end()).toEqual(end())
  })
})
